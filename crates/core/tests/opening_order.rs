//! The order in which a wall is opened: what is shut, what cannot be gone past, what the design makes void.

mod common;

use common::hand::{Hand, feet, floor};
use common::said;
use proptest::prelude::*;
use sturvek_core::house::Axis;
use sturvek_core::job::WallId;
use sturvek_core::measure::Length;
use sturvek_core::plan::JobPlan;
use sturvek_core::remodel::opened_wall::NotOpened;
use sturvek_core::remodel::opening::Opening;
use sturvek_core::remodel::order::{Mark, Marked, Order, OrderedStep, SaysWhat, State, Step, StepKey, order_of};

/// 24 by 24 ft on a slab, a window of 12 ft in the middle wall.
fn plan(slab: bool) -> JobPlan {
    let mut hand = Hand::with_storeys(1);
    hand.job.house.ground.slab = slab;
    for (id, offset) in [(1, 0), (2, 12), (3, 24)] {
        if !slab {
            hand.foundation(Axis::X, feet(offset), (feet(0), feet(24)));
        }
        hand.wall(id, 0, Axis::X, feet(offset), (feet(0), feet(24)));
    }
    hand.field(0, (feet(0), feet(0), feet(24), feet(24)), Axis::Y, floor(40.0));
    hand.window(2, feet(12), 96);
    hand.plan()
}

/// As much as a step says.
fn says(step: &OrderedStep) -> SaysWhat {
    SaysWhat(step.details.iter().map(|detail| said(detail).bytes().map(u128::from).sum::<u128>()).sum())
}

fn order(plan: &JobPlan, marks: &[Mark]) -> Order {
    let marked =
        |(at, mark): (usize, &Mark)| Marked { by: "Ansel".into(), at: at as i64, of: None, mark: mark.clone() };
    order_of(plan, WallId(2), &marks.iter().enumerate().map(marked).collect::<Vec<_>>(), says).expect("in a house")
}

fn state(order: &Order, step: Step) -> &State {
    let of = |each: &&sturvek_core::remodel::order::OrderedStep| each.key == StepKey::Work(step);
    &order.steps.iter().find(of).expect("it is there").state
}

fn done(step: Step) -> Mark {
    Mark::Done(StepKey::Work(step))
}

fn forced(step: Step) -> Mark {
    Mark::Forced(StepKey::Work(step), "the paper comes on Monday".into())
}

/// Everything before a step is done.
fn up_to(step: Step) -> Vec<Mark> {
    Step::ALL.into_iter().take_while(|each| *each != step).map(done).collect()
}

#[test]
fn worked_example() {
    let plan = plan(true);
    let none = order(&plan, &[]);
    let State::Void(why) = state(&none, Step::TemporaryBelow) else { panic!("a slab lies there") };
    assert!(said(why).contains("slab"));
    assert!(matches!(state(&none, Step::SolePlate), State::Void(_)), "a window leaves the sole plate");
    assert_eq!(state(&none, Step::Permit), &State::Open);
    assert!(
        [Step::Services, Step::TakeDown, Step::Sag].map(|step| state(&none, step) == &State::Shut).iter().all(|is| *is)
    );

    let marks: Vec<Mark> = up_to(Step::TemporaryStand).into_iter().chain([done(Step::TakeDown)]).collect();
    let early = order(&plan, &marks);
    assert_eq!(state(&early, Step::TemporaryStand), &State::Open);
    assert_eq!(state(&early, Step::TakeDown), &State::Shut);
    let take_down = early.steps.iter().find(|step| step.key == StepKey::Work(Step::TakeDown)).expect("it is there");
    assert_eq!(take_down.did_not_count.len(), 1, "it is told");
}

#[test]
fn what_is_gone_past_says_why_and_two_steps_never_are() {
    let plan = plan(false);
    let past = order(&plan, &[forced(Step::Permit)]);
    let State::Forced(said, why) = state(&past, Step::Permit) else { panic!("gone past") };
    assert_eq!((said.by.as_str(), why.as_str()), ("Ansel", "the paper comes on Monday"));
    assert_eq!(state(&past, Step::Services), &State::Open);
    for step in [Step::TemporaryStand, Step::PathChecked] {
        let marks: Vec<Mark> = up_to(step).into_iter().chain([forced(step)]).collect();
        let held = order(&plan, &marks);
        assert_eq!(state(&held, step), &State::Open);
        assert_eq!(held.steps.iter().filter(|each| !each.can_be_forced).count(), 2);
    }
}

#[test]
fn what_is_planned_otherwise_is_built_anew() {
    let plan = plan(true);
    let all: Vec<Mark> = Step::ALL.map(done).into();
    assert!(order(&plan, &all).steps.iter().all(|step| matches!(step.state, State::Done(_) | State::Void(_))));
    let nearer = Opening { upper: Some(Length::inches(24)), ..Opening::USUAL };
    let again = order(&plan, &[all.clone(), vec![Mark::Planned(nearer)]].concat());
    assert_eq!(again.planned, nearer);
    assert_eq!(state(&again, Step::TemporaryStand), &State::Open);
    assert_eq!(state(&again, Step::Snug), &State::Shut);
    assert!(matches!(state(&again, Step::TakeDown), State::Done(_)), "what was done was done");
    // Planned as it was, everything stands.
    let same = order(&plan, &[all, vec![Mark::Planned(Opening::USUAL)]].concat());
    assert!(matches!(state(&same, Step::TemporaryStand), State::Done(_)));
}

/// Floors that are to be cleared from now on undo nothing of what was done while they were in use.
#[test]
fn floors_to_be_cleared_later_undo_nothing() {
    let plan = plan(true);
    let cleared = Mark::Planned(Opening { floors_cleared: true, ..Opening::USUAL });
    let marks: Vec<Mark> = up_to(Step::TakeDown).into_iter().chain([cleared]).collect();
    let again = order(&plan, &marks);
    assert_eq!(state(&again, Step::FloorsCleared), &State::Open);
    for step in [Step::Permit, Step::Survey, Step::BeamIn] {
        assert!(matches!(state(&again, step), State::Done(_)), "{step:?} was done");
    }
    assert_eq!(state(&again, Step::TemporaryStand), &State::Shut, "planned otherwise it is done anew");
}

/// What was done of another beam than the one that is planned now is told, and done anew; what came after it stays done.
#[test]
fn what_was_said_of_another_design_is_said_anew() {
    let before = plan(false);
    let told = order(&before, &[]);
    let of = |step: Step| told.steps.iter().find(|each| each.key == StepKey::Work(step)).map(says);
    let marks: Vec<Marked> = up_to(Step::TakeDown)
        .into_iter()
        .map(|mark| {
            let Mark::Done(StepKey::Work(step)) = mark else { panic!("done") };
            Marked { by: "Ansel".into(), at: 1, of: of(step), mark }
        })
        .collect();
    let of_the_same = order_of(&before, WallId(2), &marks, says).expect("in a house");
    assert!(matches!(state(&of_the_same, Step::BeamIn), State::Done(_)));
    assert!(of_the_same.steps.iter().all(|step| step.before_a_change.is_none()));
    // A wider window has a longer beam.
    let mut job = before.job().clone();
    job.walls[1].openings[0].design.unit.width = Length::inches(120);
    let after = order_of(&JobPlan::of(job), WallId(2), &marks, says).expect("in a house");
    let beam = after.steps.iter().find(|step| step.key == StepKey::Work(Step::BeamIn)).expect("it is there");
    assert_eq!(beam.state, State::Open);
    assert_eq!(beam.before_a_change.as_ref().map(|said| said.by.as_str()), Some("Ansel"));
    assert!(matches!(state(&after, Step::TemporaryStand), State::Done(_)), "they stand");
    assert_eq!(state(&after, Step::TakeDown), &State::Shut, "until somebody has seen the beam");
}

#[test]
fn what_is_added_holds_up_what_comes_after_it() {
    let plan = plan(true);
    let added = StepKey::Added(7);
    let add = Mark::Added { id: 7, after: StepKey::Work(Step::Permit), text: "Call the neighbor".into() };
    let with = order(&plan, &[done(Step::Permit), add.clone(), add, done(Step::Services)]);
    assert_eq!(with.steps.len(), Step::ALL.len() + 1, "added once");
    assert_eq!((with.steps[1].key, &with.steps[1].state), (added, &State::Open));
    assert_eq!(state(&with, Step::Services), &State::Shut);
    let called = order(
        &plan,
        &[
            done(Step::Permit),
            Mark::Added { id: 7, after: StepKey::Work(Step::Permit), text: "Call the neighbor".into() },
            Mark::Done(added),
            done(Step::Services),
            Mark::TakenBack(added),
        ],
    );
    assert_eq!(called.steps[1].state, State::Open);
    assert!(matches!(state(&called, Step::Services), State::Done(_)));
}

#[test]
fn steps_know_the_job() {
    let order = order(&plan(false), &[]);
    let details = |step: Step| -> String {
        let step = order.steps.iter().find(|each| each.key == StepKey::Work(step)).expect("it is there");
        step.details.iter().map(said).collect::<Vec<_>>().join(" ")
    };
    assert!(details(Step::BeamIn).contains("carr"), "{}", details(Step::BeamIn));
    assert!(details(Step::TemporaryStand).contains("9'-6\""), "{}", details(Step::TemporaryStand));
    assert!(details(Step::TemporaryStand).contains("they carry"), "{}", details(Step::TemporaryStand));
    assert!(details(Step::Survey).contains("over 3 lines"), "{}", details(Step::Survey));
    assert!(details(Step::PathChecked).contains("goes on to the ground"), "{}", details(Step::PathChecked));
    let mut alone = Hand::with_storeys(1);
    alone.wall(2, 0, Axis::X, feet(0), (feet(0), feet(24)));
    let plan = alone.plan();
    assert_eq!(order_of(&plan, WallId(9), &[], says).err(), Some(NotOpened::InNoHouse));
}

/// Upstairs the temporary walls stand 30 in. off the middle wall: below each stands 30 in. off the middle wall there.
#[test]
fn below_they_are_measured_from_a_wall_there() {
    let hand = Hand::two_storeys_alike();
    let order = order_of(&hand.plan(), WallId(12), &[], says).expect("in a house");
    let step = order.steps.iter().find(|step| step.key == StepKey::Work(Step::TemporaryBelow)).expect("it is there");
    let below: Vec<String> = step.details.iter().filter(|detail| detail.id == "order-below-at").map(said).collect();
    assert_eq!(below.len(), 2);
    assert!(below.iter().all(|detail| detail.contains("2'-6\" from the middle of wall 2")), "{below:?}");
    let survey = &order.steps.iter().find(|step| step.key == StepKey::Work(Step::Survey)).expect("it is there").details;
    assert!(said(&survey[0]).starts_with("It bears: "), "{}", said(&survey[0]));
    assert_eq!(said(&survey[1]), "Below it stands wall 2, 0'-0\" off its line.");
    let lower = order_of(&hand.plan(), WallId(2), &[], says).expect("in a house");
    let survey = &lower.steps.iter().find(|step| step.key == StepKey::Work(Step::Survey)).expect("it is there").details;
    assert!(survey.iter().any(|detail| said(detail) == "Above it stands wall 12, 0'-0\" off its line."));
}

fn any_mark() -> impl Strategy<Value = Mark> {
    let step = (0..Step::ALL.len()).prop_map(|place| StepKey::Work(Step::ALL[place]));
    (step, 0..8_u8, 20..40_i64).prop_map(|(key, kind, off)| match kind {
        0 => Mark::Forced(key, "because".into()),
        1 => Mark::TakenBack(key),
        2 => Mark::Added { id: off as u128, after: key, text: "look again".into() },
        3 => Mark::Planned(Opening { lower: Some(Length::inches(off)), ..Opening::USUAL }),
        4 => Mark::Done(StepKey::Added(off as u128)),
        _ => Mark::Done(key),
    })
}

proptest! {
    #![proptest_config(ProptestConfig::with_cases(60))]

    /// Whatever is said in whatever order: nobody takes the wall down before somebody said that the temporary walls stand, nor cuts the beam before the
    /// path below was checked; and one step at most is open.
    #[test]
    fn no_wall_comes_down_before_the_temporary_ones_stand(said in prop::collection::vec(any_mark(), 0..60)) {
        let plan = plan(true);
        let mut marks = Vec::new();
        let mut before = order(&plan, &marks);
        for step in Step::ALL.map(done).into_iter().zip(said).flat_map(|(done, other)| [other, done]) {
            marks.push(step);
            let after = order(&plan, &marks);
            prop_assert!(after.steps.iter().filter(|step| step.state == State::Open).count() <= 1);
            let became = |step: Step| {
                let is = |order: &Order| matches!(state(order, step), State::Done(_) | State::Forced(..));
                is(&after) && !is(&before)
            };
            for (late, early) in [(Step::TakeDown, Step::TemporaryStand), (Step::CutBeam, Step::PathChecked)] {
                if became(late) {
                    prop_assert!(matches!(state(&before, early), State::Done(_)), "{late:?} before {early:?}");
                }
            }
            before = after;
        }
    }
}
