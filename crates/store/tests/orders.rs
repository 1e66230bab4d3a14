//! Orders and prices of one's own, kept in a real PostgreSQL.

use sturvek_core::cutting::pieces::Section;
use sturvek_core::cutting::sold::Sold;
use sturvek_core::cutting::sticks::StickStock;
use sturvek_core::job::Job;
use sturvek_core::measure::{Cents, Length};
use sturvek_store::orders::{Became, KeptLine};
use sturvek_store::{Jobs, Origin, StoreError, connect_with, migrate};
use uuid::Uuid;

async fn jobs() -> Jobs {
    let db = connect_with(&sturvek_test_support::fresh_database().await, 4).await.expect("the database answers");
    migrate(&db).await.expect("the migrations apply");
    Jobs::new(db)
}

async fn with_a_job() -> (Jobs, Uuid) {
    let jobs = jobs().await;
    let id = jobs.create(&Job::empty("ordered", vec![]), Origin::Begun, "Ada").await.expect("kept");
    (jobs, id)
}

fn line(count: u32) -> KeptLine {
    KeptLine { wood: "2x4 SPF Stud".into(), treated: false, length: 2_438_400_000, count, price_cents: 384 }
}

#[tokio::test]
async fn an_order_is_kept_before_it_is_sent_and_its_key_is_no_others() {
    let (jobs, job) = with_a_job().await;
    let key = Uuid::new_v4();
    let kept = jobs.keep_order(job, key, "rest", &[line(3)]).await.expect("kept");
    assert_eq!((kept.became, &kept.lines), (Became::Sent, &vec![line(3)]));
    // Again it is the same one, not a second.
    let again = jobs.keep_order(job, key, "rest", &[line(3)]).await.expect("the same");
    assert_eq!(again.at, kept.at);
    for (delivery, lines) in [("rest", vec![line(4)]), ("everything", vec![line(3)])] {
        let other = jobs.keep_order(job, key, delivery, &lines).await;
        assert!(matches!(other, Err(StoreError::OtherOrder)), "{other:?}");
    }
    assert_eq!(jobs.orders(job).await.expect("read").len(), 1);
    let nobodys = jobs.keep_order(Uuid::new_v4(), key, "rest", &[line(3)]).await;
    assert!(matches!(nobodys, Err(StoreError::NoSuchJob(_))), "{nobodys:?}");
}

#[tokio::test]
async fn what_was_taken_stays_taken_whatever_is_heard_later() {
    let (jobs, job) = with_a_job().await;
    let key = Uuid::new_v4();
    jobs.keep_order(job, key, "rest", &[line(3)]).await.expect("kept");
    let taken = Became::Taken { number: "W-0007".into(), given: vec![2], cost: Cents(768) };
    jobs.settle_order(job, key, &taken).await.expect("settled");
    for later in [Became::Sent, Became::Refused] {
        jobs.settle_order(job, key, &later).await.expect("nothing to do");
        assert_eq!(jobs.orders(job).await.expect("read")[0].became, taken);
    }
    let refused = Uuid::new_v4();
    jobs.keep_order(job, refused, "rest", &[line(1)]).await.expect("kept");
    jobs.settle_order(job, refused, &Became::Refused).await.expect("settled");
    let orders = jobs.orders(job).await.expect("read");
    // The latest first.
    assert_eq!(orders.iter().map(|order| order.key).collect::<Vec<_>>(), [refused, key]);
    assert_eq!(orders[0].became, Became::Refused);
}

#[tokio::test]
async fn a_price_list_takes_the_place_of_the_one_before_as_a_whole() {
    let jobs = jobs().await;
    assert_eq!(jobs.own_prices().await.expect("read"), None);
    let sold = |wood: &str, feet: i64, available| Sold {
        section: Section { wood: wood.into(), treated: feet == 8 },
        stick: StickStock { length: Length::feet(feet), price: Cents(100 * feet), available },
    };
    let list =
        vec![sold("2x6 DF-L No.2", 16, None), sold("2x4 SPF Stud", 8, Some(0)), sold("2x4 SPF Stud", 10, Some(7))];
    jobs.keep_prices(list.clone()).await.expect("kept");
    assert_eq!(jobs.own_prices().await.expect("read").map(|own| own.sold), Some(list.clone()));
    // A stick that stands on it twice spoils it; what was there stays.
    let twice = vec![list[0].clone(), list[0].clone()];
    assert!(jobs.keep_prices(twice).await.is_err());
    assert_eq!(jobs.own_prices().await.expect("read").map(|own| own.sold), Some(list));
    jobs.keep_prices(Vec::new()).await.expect("put away");
    assert_eq!(jobs.own_prices().await.expect("read"), None);
}
