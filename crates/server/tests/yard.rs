//! What is cut, and the yard: asked, slow, closed, away, talking nonsense; whatever it does, the cut list stands.

mod support;

use std::time::Duration;

use base64::Engine;
use serde_json::{Value, json};
use sturvek_core::cutting::sold::Sold;
use sturvek_server::yard::orders::{NotTaken, OrderLine, WantedLine};
use sturvek_server::yard::stand_in::{Behaves, app};
use sturvek_server::yard::{NoPrices, Yard};
use support::asked::{Asked, list};

/// The stand-in on a free port.
async fn stand_in(behaves: Behaves) -> String {
    support::serving(|_| app(behaves)).await
}

fn nanometers(value: &Value) -> i64 {
    value.as_i64().expect("nanometers")
}

/// How many pieces of each section a cut list has.
fn pieces(cut: &Value) -> i64 {
    let settings = list(&cut["sections"]).iter().flat_map(|section| list(&section["settings"]));
    settings.map(|setting| setting["count"].as_i64().expect("a count")).sum()
}

#[tokio::test]
async fn sticks_add_up_to_what_is_cut_and_to_what_they_cost() {
    let asked = Asked::over(Some(&stand_in(Behaves::default()).await)).await;
    let (cut, sticks) = (asked.get("/cut").await, asked.get("/sticks?trucks=once").await);
    assert_eq!(sticks["yard"], "Wenfold Lumber (made up)");
    assert!(sticks["problem"].is_null());
    let mut cost = 0;
    for section in list(&sticks["deliveries"][0]["sections"]) {
        let of = |each: &&Value| each["section"] == section["section"];
        let wanted = list(&cut["sections"]).iter().find(of).expect("on the list");
        let total: i64 = list(&wanted["settings"])
            .iter()
            .map(|setting| nanometers(&setting["length"]) * setting["count"].as_i64().expect("a count"))
            .sum();
        let mut planned = 0;
        for stick in list(&section["sticks"]) {
            let count = stick["count"].as_i64().expect("a count");
            let cuts: i64 = list(&stick["cuts"]).iter().map(nanometers).sum();
            planned += cuts * count;
            assert_eq!(
                cuts + nanometers(&stick["kerfs"]) + nanometers(&stick["offcut"]),
                nanometers(&stick["length"]),
                "{stick}"
            );
        }
        if section["none"].is_null() && list(&section["too_long"]).is_empty() {
            assert_eq!(planned, total, "{}", section["section"]);
        }
        let bought = list(&section["buy"])
            .iter()
            .map(|buy| buy["count"].as_i64().expect("a count") * buy["price_cents"].as_i64().expect("cents"));
        assert_eq!(bought.sum::<i64>(), section["cost_cents"].as_i64().expect("cents"));
        cost += section["cost_cents"].as_i64().expect("cents");
    }
    assert!(0 < cost && sticks["cost_cents"] == cost);
    assert!(sticks["bound_cents"].as_i64() <= Some(cost) && Some(cost) <= sticks["first_fit_cents"].as_i64());
}

#[tokio::test]
async fn a_cut_list_is_of_the_house_of_a_storey_or_of_a_wall() {
    let asked = Asked::over(None).await;
    let job = asked.get("").await;
    let all = pieces(&asked.get("/cut").await);
    let mut of_walls = 0;
    for wall in list(&job["job"]["walls"]) {
        of_walls += pieces(&asked.get(&format!("/cut?wall={}", wall["id"].as_str().expect("an id"))).await);
    }
    let mut of_storeys = 0;
    for level in list(&job["job"]["house"]["levels"]) {
        of_storeys += pieces(&asked.get(&format!("/cut?level={}", level["id"].as_str().expect("an id"))).await);
    }
    assert_eq!(of_storeys, all, "every wall, beam and post stands on a storey");
    assert!(0 < of_walls && of_walls < all, "posts and beams are of no wall");
}

#[tokio::test]
async fn slow_closed_away_or_talking_nonsense_it_is_a_sentence_and_the_list_stands() {
    let nonsense = Behaves { nonsense: true, ..Behaves::default() };
    let slow = Behaves { slow: Duration::from_secs(30), ..Behaves::default() };
    let closed = Behaves { closed: true, ..Behaves::default() };
    for (yard, said) in [
        (Some(stand_in(nonsense).await), "yard-nonsense"),
        (Some(stand_in(slow).await), "yard-away"),
        (Some(stand_in(closed).await), "yard-away"),
        (Some(format!("http://127.0.0.1:{}", support::free_port().await)), "yard-away"),
        (None, "yard-none"),
    ] {
        let asked = Asked::over(yard.as_deref()).await;
        let sticks = asked.get("/sticks").await;
        assert_eq!(sticks["problem"]["id"], said);
        assert_eq!((list(&sticks["deliveries"]).len(), &sticks["cost_cents"]), (0, &json!(0)));
        assert!(0 < pieces(&asked.get("/cut").await));
    }
}

#[tokio::test]
async fn lists_are_had_for_a_spreadsheet() {
    let asked = Asked::over(Some(&stand_in(Behaves::default()).await)).await;
    for (path, kind) in [("cut", "text/csv"), ("sticks", "text/csv")] {
        let address = format!("{}/api/jobs/{}/{path}/csv?language=es&units=millimeters", asked.base, asked.job);
        let answer = asked.client.get(address).send().await.expect("answered");
        assert_eq!(answer.status(), 200);
        assert!(answer.headers()["content-type"].to_str().expect("text").starts_with(kind));
        let text = answer.text().await.expect("text");
        assert!(text.starts_with("sección y grado,tratada,piezas,\"largo, milímetros\""), "{text}");
        assert!(3 < text.lines().count());
        let address = format!("{}/api/jobs/{}/{path}/xlsx", asked.base, asked.job);
        let bytes = asked.client.get(address).send().await.expect("answered").bytes().await.expect("bytes");
        assert_eq!(&bytes[..2], b"PK");
    }
    let without = Asked::over(None).await;
    let address = format!("{}/api/jobs/{}/sticks/csv", without.base, without.job);
    let answer = without.client.get(address).send().await.expect("answered");
    assert_eq!(answer.status(), 424);
    let problem: Value = answer.json().await.expect("JSON");
    assert!(problem["detail"].as_str().expect("a sentence").contains("yard"));
}

/// An order for some of what is sold.
fn lines(prices: &sturvek_server::yard::Prices) -> Vec<OrderLine> {
    let few = prices.sold.iter().filter(|sold| sold.stick.available.is_some()).take(1);
    let line = |sold: &Sold| OrderLine {
        section: sold.section.wood.to_string(),
        treated: sold.section.treated,
        length_in: sold.stick.length.to_inches(),
        count: 30,
        price_cents: sold.stick.price.0,
    };
    prices.sold.iter().take(2).chain(few).map(line).collect()
}

#[tokio::test]
async fn an_order_is_taken_once_for_each_key_and_gives_what_there_is() {
    let yard = Yard::at(&stand_in(Behaves::default()).await).expect("on this machine");
    let wanted = lines(&yard.prices().await.expect("a list"));
    let first = yard.order("one", &wanted).await.expect("taken");
    // Pressed twice, or sent again because no answer was heard.
    assert_eq!(yard.order("one", &wanted).await.as_ref(), Ok(&first));
    assert_eq!(first.lines.iter().map(|line| line.given).collect::<Vec<_>>(), [30, 30, 24]);
    let another = yard.order("two", &wanted).await.expect("taken");
    assert_ne!(another.number, first.number);
}

#[tokio::test]
async fn what_costs_otherwise_by_now_is_not_ordered() {
    let dearer = Behaves { dearer: 10, ..Behaves::default() };
    let yard = Yard::at(&stand_in(dearer).await).expect("on this machine");
    let wanted = lines(&yard.prices().await.expect("a list"));
    let asked: Vec<WantedLine> = wanted.iter().map(OrderLine::wanted).collect();
    let quote = yard.quote(&asked).await.expect("a quote");
    assert!(quote.lines.iter().zip(&wanted).all(|(quoted, line)| quoted.price_cents == line.price_cents));
    assert_eq!(yard.order("one", &wanted).await, Err(NotTaken::Changed));
    // With the prices of now it is.
    let wanted = lines(&yard.prices().await.expect("a list"));
    assert!(yard.order("one", &wanted).await.is_ok());
    let closed = Behaves { closed: true, ..Behaves::default() };
    let yard = Yard::at(&stand_in(closed).await).expect("on this machine");
    assert_eq!(yard.order("one", &wanted).await, Err(NotTaken::NoAnswer(NoPrices::Away)));
}

#[tokio::test]
async fn a_quote_says_what_is_short_and_what_there_is_instead() {
    let yard = Yard::at(&stand_in(Behaves::default()).await).expect("on this machine");
    let wanted: Vec<WantedLine> = lines(&yard.prices().await.expect("a list")).iter().map(OrderLine::wanted).collect();
    let quote = yard.quote(&wanted).await.expect("a quote");
    let short = &quote.lines[2];
    assert_eq!((short.there, short.line.count), (24, 30));
    let instead = short.instead.expect("a longer one, if there are enough");
    assert!(short.line.length_in < instead.length_in && instead.count == 6);
    assert!(quote.lines[..2].iter().all(|line| line.instead.is_none() && line.there == line.line.count));
    // What was ordered is there no more.
    let ordered = lines(&yard.prices().await.expect("a list"));
    yard.order("one", &ordered).await.expect("taken");
    assert_eq!(yard.quote(&wanted).await.expect("a quote").lines[2].there, 0);
    let strange = WantedLine { section: "2x5 balsa".into(), ..wanted[0].clone() };
    assert_eq!(yard.quote(&[strange]).await, Err(NoPrices::NotSold));
}

#[tokio::test]
async fn the_stand_in_has_a_document() {
    let base = stand_in(Behaves::default()).await;
    let document: Value =
        reqwest::get(format!("{base}/openapi.json")).await.expect("answered").json().await.expect("JSON");
    for path in ["/sticks", "/quotes", "/orders"] {
        assert!(document["paths"][path].is_object(), "{path}");
    }
}

trait Orders {
    async fn order(&self, key: uuid::Uuid, lines: &Value) -> (u16, Value);
    async fn lines(&self) -> Value;
}

impl Orders for Asked {
    /// Orders the first lines of the second delivery, as the page would.
    async fn order(&self, key: uuid::Uuid, lines: &Value) -> (u16, Value) {
        let body = json!({ "key": key, "delivery": "rest", "lines": lines });
        self.post(&format!("/api/jobs/{}/orders", self.job), &body).await
    }

    async fn lines(&self) -> Value {
        let sticks = self.get("/sticks").await;
        let section = &sticks["deliveries"][1]["sections"][0];
        let line = |buy: &Value| {
            json!({ "wood": section["wood"], "treated": section["treated"], "length": buy["length"],
                "count": buy["count"], "price_cents": buy["price_cents"] })
        };
        list(&section["buy"]).iter().map(line).collect()
    }
}

#[tokio::test]
async fn an_order_pressed_twice_is_one_and_is_kept() {
    let asked = Asked::over(Some(&stand_in(Behaves::default()).await)).await;
    let (lines, key) = (asked.lines().await, uuid::Uuid::new_v4());
    let (first, second) = tokio::join!(asked.order(key, &lines), asked.order(key, &lines));
    assert_eq!((first.0, second.0), (200, 200));
    assert_eq!(first.1["number"], second.1["number"]);
    assert_eq!(first.1["state"], "taken");
    let orders = asked.get("/orders").await;
    assert_eq!(list(&orders).len(), 1);
    assert_eq!((&orders[0]["state"], &orders[0]["cost_cents"]), (&json!("taken"), &first.1["cost_cents"]));
    // Its key is no other order's.
    let other = json!([{ "wood": "2x4 SPF Stud", "treated": false, "length": 2_438_400_000_i64, "count": 1 }]);
    assert_eq!(asked.order(key, &other).await.0, 409);
    assert_eq!(list(&asked.get("/orders").await).len(), 1);
}

#[tokio::test]
async fn an_order_that_nobody_answers_is_kept_and_sent_again_as_the_same() {
    let port = support::free_port().await;
    let asked = Asked::over(Some(&format!("http://127.0.0.1:{port}"))).await;
    let key = uuid::Uuid::new_v4();
    let lines = json!([{ "wood": "2x4 SPF Stud", "treated": false, "length": 2_438_400_000_i64, "count": 3,
        "price_cents": 384 }]);
    let (status, order) = asked.order(key, &lines).await;
    assert_eq!((status, &order["state"], &order["said"]["id"]), (200, &json!("sent"), &json!("yard-away")));
    assert_eq!(asked.get("/orders").await[0]["state"], "sent");
    // The yard opens; the same order is sent again.
    let listener = tokio::net::TcpListener::bind(format!("127.0.0.1:{port}")).await.expect("the port");
    tokio::spawn(async move { axum::serve(listener, app(Behaves::default())).await });
    let (_, order) = asked.order(key, &lines).await;
    assert_eq!((&order["state"], &order["cost_cents"]), (&json!("taken"), &json!(3 * 384)));
    assert_eq!(list(&asked.get("/orders").await).len(), 1);
}

#[tokio::test]
async fn what_changed_in_price_is_not_ordered_through_the_server_either() {
    let dearer = Behaves { dearer: 10, ..Behaves::default() };
    let asked = Asked::over(Some(&stand_in(dearer).await)).await;
    let lines = asked.lines().await;
    let (status, quote) = asked.post("/api/quotes", &json!({ "lines": lines })).await;
    assert_eq!((status, &quote["yard"]), (200, &json!("Wenfold Lumber (made up)")));
    let (_, order) = asked.order(uuid::Uuid::new_v4(), &lines).await;
    assert_eq!((&order["state"], &order["said"]["id"]), (&json!("refused"), &json!("order-prices-changed")));
    for (field, value) in [("count", json!(0)), ("length", json!(-1)), ("wood", json!("")), ("price_cents", json!(-1))]
    {
        let mut wrong = lines.clone();
        wrong[0][field] = value;
        let (status, problem) = asked.order(uuid::Uuid::new_v4(), &wrong).await;
        assert_eq!(status, 422, "{field}");
        assert_eq!(problem["errors"][0]["pointer"], format!("/lines/0/{field}"), "{problem}");
    }
}

/// A file as it is put in.
fn file(bytes: &[u8]) -> Value {
    json!({ "file": base64::engine::general_purpose::STANDARD.encode(bytes) })
}

#[tokio::test]
async fn ones_own_prices_go_in_and_out_and_are_planned_with() {
    let asked = Asked::over(Some(&stand_in(Behaves::default()).await)).await;
    let own = asked.get("/sticks?prices=own").await;
    assert_eq!(own["problem"]["id"], "prices-none-of-ones-own");
    let list_of = |form: &str, whose: &str| format!("{}/api/prices/{form}?prices={whose}", asked.base);
    for form in ["csv", "xlsx"] {
        let bytes =
            asked.client.get(list_of(form, "yard")).send().await.expect("answered").bytes().await.expect("bytes");
        let put = asked.client.post(format!("{}/api/prices/{form}", asked.base)).json(&file(&bytes));
        let read: Value = put.send().await.expect("answered").json().await.expect("JSON");
        assert_eq!(list(&read["wrong"]).len(), 0);
        assert!(200 < read["sticks"].as_u64().expect("a count"));
        let back = asked.client.get(list_of("csv", "own")).send().await.expect("answered").text().await.expect("text");
        let yard = asked.client.get(list_of("csv", "yard")).send().await.expect("answered").text().await.expect("text");
        assert_eq!(back, yard);
    }
    let (own, yard) = (asked.get("/sticks?prices=own").await, asked.get("/sticks").await);
    assert_eq!((&own["cost_cents"], &own["yard"]), (&yard["cost_cents"], &Value::Null));
    // One bad row refuses it all, and what was there stays.
    let put = asked
        .client
        .post(format!("{}/api/prices/csv", asked.base))
        .json(&file(b"section,length_in,price\n2x4,96,dear\n"));
    let read: Value = put.send().await.expect("answered").json().await.expect("JSON");
    assert_eq!(list(&read["wrong"]).len(), 1);
    assert_eq!(asked.get("/sticks?prices=own").await["cost_cents"], yard["cost_cents"]);
    let away = asked.client.delete(format!("{}/api/prices", asked.base)).send().await.expect("answered");
    assert_eq!(away.status(), 204);
    assert_eq!(asked.get("/sticks?prices=own").await["problem"]["id"], "prices-none-of-ones-own");
}

#[tokio::test]
async fn kerf_and_allowance_are_bounded_and_change_what_is_bought() {
    let asked = Asked::over(Some(&stand_in(Behaves::default()).await)).await;
    let plain = asked.get("/sticks").await;
    let more = asked.get("/sticks?allowance=10").await;
    assert_eq!((&plain["allowance_cents"], &more["cost_cents"]), (&json!(0), &plain["cost_cents"]));
    assert!(0 < more["allowance_cents"].as_i64().expect("cents"));
    assert!(plain["deliveries"][1]["pounds"].as_f64() < more["deliveries"][1]["pounds"].as_f64());
    for (query, field) in [("kerf=-1", "/kerf"), ("kerf=99999999999", "/kerf"), ("allowance=31", "/allowance")] {
        let address = format!("{}/api/jobs/{}/sticks?{query}", asked.base, asked.job);
        let answer = asked.client.get(address).send().await.expect("answered");
        assert_eq!(answer.status(), 422);
        let problem: Value = answer.json().await.expect("JSON");
        assert_eq!(problem["errors"][0]["pointer"], field, "{problem}");
    }
}

#[tokio::test]
async fn nails_and_one_size_are_told() {
    let asked = Asked::over(Some(&stand_in(Behaves::default()).await)).await;
    let hardware = asked.get("/hardware").await;
    assert!(list(&hardware["nails"]).iter().all(|nails| 0 < nails["count"].as_u64().expect("a count")));
    let sizes = asked.get("/one-size/bought").await;
    let costs: Vec<i64> = list(&sizes["sizes"]).iter().filter_map(|size| size["cost_cents"].as_i64()).collect();
    assert!(list(&sizes["sizes"]).len() <= 10 && costs.is_sorted());
}
