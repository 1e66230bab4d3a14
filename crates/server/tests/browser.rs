//! The real page in a real browser, driven by Playwright from Node against the real server.

mod support;

use tokio::process::Command;
use tokio::sync::Mutex;

/// One browser at a time: two of them beside their servers and the database starve one another on two cores.
static BROWSER: Mutex<()> = Mutex::const_new(());

async fn drive(script: &str) {
    drive_with(script, &[], None).await;
}

async fn drive_with(script: &str, options: &[&str], argument: Option<String>) {
    let _alone = BROWSER.lock().await;
    let server = support::start_with(&sturvek_test_support::fresh_database().await, options).await;
    let arguments: Vec<&str> = [server.address.as_str()].into_iter().chain(argument.as_deref()).collect();
    drive_at(script, &arguments).await;
}

/// Against servers that are up; only by who holds the browser.
async fn drive_at(script: &str, arguments: &[&str]) {
    let script_file = sturvek_test_support::project_folder().join("e2e").join(script);
    let output = Command::new("node").arg(script_file).args(arguments).output().await.expect("node runs");
    let said = String::from_utf8_lossy(&output.stdout);
    assert!(output.status.success(), "{script}:\n{said}\n{}", String::from_utf8_lossy(&output.stderr));
}

#[tokio::test]
async fn the_whole_story() {
    drive("story.mjs").await;
}

#[tokio::test]
async fn everything_that_decides_a_header() {
    drive("schools.mjs").await;
}

#[tokio::test]
async fn a_wall_laid_out_its_conflicts_words_units_and_paper() {
    drive("layout.mjs").await;
}

#[tokio::test]
async fn a_partition_beside_a_duct_said_and_printed() {
    drive("cellar.mjs").await;
}

#[tokio::test]
async fn what_is_seen_at_a_glance() {
    drive("measures.mjs").await;
}

#[tokio::test]
async fn what_is_printed_is_whole() {
    drive("paper.mjs").await;
}

#[tokio::test]
async fn a_house_described_and_its_path_followed() {
    drive("house.mjs").await;
}

#[tokio::test]
async fn what_is_cut_and_from_which_sticks() {
    let yard = support::serving(|_| sturvek_server::yard::stand_in::app(Default::default())).await;
    drive_with("cut.mjs", &["--yard", &yard], None).await;
}

#[tokio::test]
async fn what_is_bought_from_a_yard_that_is_away_slow_or_dearer() {
    let yard = support::serving(|_| sturvek_server::yard::stand_in::app(Default::default())).await;
    drive_with("buy.mjs", &["--yard", &yard], Some(yard.clone())).await;
}

#[tokio::test]
async fn a_long_wall_is_raised_by_a_small_crew_and_by_a_hoist() {
    drive("raise.mjs").await;
}

#[tokio::test]
async fn a_wall_of_the_house_is_opened() {
    drive("shore.mjs").await;
}

#[tokio::test]
async fn a_short_return_beside_a_garage_door() {
    drive("returns.mjs").await;
}

#[tokio::test]
async fn a_wall_is_opened_from_survey_to_the_last_tick() {
    drive("order.mjs").await;
}

#[tokio::test]
async fn a_phone_at_the_saw_in_a_dead_spot() {
    drive("saw.mjs").await;
}

#[tokio::test]
async fn everything_by_keyboard() {
    drive("keyboard.mjs").await;
}

#[tokio::test]
async fn two_people_on_one_job() {
    drive("conflict.mjs").await;
}

#[tokio::test]
async fn two_people_over_two_servers_on_one_database() {
    let _alone = BROWSER.lock().await;
    let database = sturvek_test_support::fresh_database().await;
    let (here, there) = (support::start(&database).await, support::start(&database).await);
    drive_at("together.mjs", &[&here.address, &there.address]).await;
}

#[tokio::test]
async fn a_phone_is_paired() {
    let folder = tempfile::tempdir().expect("a folder");
    let port = support::free_port().await;
    let options = ["--on-site", folder.path().to_str().expect("text"), "--on-site-port", &port];
    drive_with("pairing.mjs", &options, Some(format!("https://127.0.0.1:{port}"))).await;
}

#[tokio::test]
async fn a_place_is_asked_by_its_name() {
    let places = support::serving(|_| sturvek_server::places::stand_in::app(Default::default())).await;
    drive_with("places.mjs", &["--places", &places], None).await;
}

#[tokio::test]
async fn the_service_of_places_is_away() {
    let nobody = format!("http://127.0.0.1:{}", support::free_port().await);
    drive_with("places.mjs", &["--places", &nobody], Some("away".to_owned())).await;
}

#[tokio::test]
async fn every_language_and_unit() {
    drive("languages.mjs").await;
}

#[tokio::test]
async fn the_jobs_screen() {
    drive("jobs.mjs").await;
}

#[tokio::test]
async fn every_screen_is_accessible_in_both_themes_and_sizes() {
    drive("accessible.mjs").await;
}
