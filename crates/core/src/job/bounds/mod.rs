//! What values may be. Everything from outside passes here once; what is kept has passed. All that is not allowed is found at once,
//! each with the place where it stands.

mod check;
mod house;
mod input;
mod loads;
mod most;
mod opening;
mod refused;
mod settings;
mod stock;
mod wall;

use super::{Job, OpeningDesign, WallFrame};

use check::Checks;
pub use input::Input;
pub use most::*;
pub use refused::{OutOfBounds, PartList, Refused, Within};

/// A whole job.
///
/// # Errors
/// [`Refused`] with every value that is not allowed.
pub fn job(job: &Job) -> Result<(), Refused> {
    let mut checks = Checks::default();
    checks.text(Input::JobName, &job.name);
    checks.within(Within::Particulars, |checks| {
        let of = &job.particulars;
        checks.maybe_text(Input::Address, &of.address);
        checks.maybe_text(Input::Permit, &of.permit);
        checks.maybe_text(Input::AdoptedCode, &of.adopted_code);
        checks.maybe_text(Input::CodeEdition, &of.edition);
        checks.maybe_text(Input::AnswersForIt, &of.answers_for_it);
    });
    checks.within(Within::Settings, |checks| settings::settings(checks, &job.settings));
    stock::stock(&mut checks, job);
    checks.count(Input::Walls, job.walls.len());
    for (place, each) in job.walls.iter().enumerate() {
        let within = Within::Wall { place, id: each.id, name: each.frame.name.clone() };
        checks.within(within, |checks| wall::wall(checks, each, &job.settings.rough));
    }
    house::house(&mut checks, job);
    checks.done()
}

/// A name: not empty, not too long, nothing in it that cannot be read.
///
/// # Errors
/// [`Refused`] with what is wrong with it.
pub fn name(input: Input, text: &str) -> Result<(), Refused> {
    let mut checks = Checks::default();
    checks.text(input, text);
    checks.done()
}

/// A wall's frame by itself.
///
/// # Errors
/// [`Refused`] with every value that is not allowed.
pub fn wall_frame(frame: &WallFrame) -> Result<(), Refused> {
    let mut checks = Checks::default();
    wall::frame(&mut checks, frame);
    checks.done()
}

/// Whether a unit is of a size that its kind comes in.
///
/// # Errors
/// [`Refused`] with what is usual for the kind.
pub fn unit_size(design: &OpeningDesign) -> Result<(), Refused> {
    let mut checks = Checks::default();
    checks.within(Within::Design, |checks| opening::unit_size(checks, design));
    checks.done()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::job::WallId;
    use crate::job::{FramingOptions, OwnBreaks, Rake, Settings, Wall, WallHeight};
    use crate::loads::SnowBasis;
    use crate::measure::{Length, Pressure};

    /// What is refused of a job.
    fn refused(job: &Job) -> Vec<Input> {
        super::job(job).map_or_else(|refused| refused.0.iter().map(|each| each.input).collect(), |()| Vec::new())
    }

    fn frame_refused(frame: &WallFrame) -> Vec<Input> {
        wall_frame(frame).map_or_else(|refused| refused.0.iter().map(|each| each.input).collect(), |()| Vec::new())
    }

    #[test]
    fn the_sentence_names_the_value_and_what_is_allowed() {
        let frame = WallFrame { height: WallHeight::OverPlates(Length::feet(40)), ..WallFrame::usual("north") };
        let error = wall_frame(&frame).expect_err("40 ft is no wall");
        assert_eq!(error.0[0].input, Input::WallHeight);
        let allowed = "range (least: 4'-0\", most: 20'-0\")";
        let said = format!("refused (input: input-wall-height, given: 40'-0\", allowed: {allowed})");
        assert_eq!(error.to_string(), said);
    }

    #[test]
    fn everything_is_found_at_once_and_named_by_what_the_user_calls_it() {
        let mut job = Job::empty("", vec![]);
        job.settings.creep = 9.0;
        for name in ["North", "South"] {
            let mut wall = Wall::new(WallId(job.walls.len() as u128), name);
            wall.frame.spacing = Length::inches(40);
            job.walls.push(wall);
        }
        assert_eq!(refused(&job), [Input::JobName, Input::Creep, Input::StudSpacing, Input::StudSpacing]);
        let error = super::job(&job).expect_err("four values");
        assert_eq!(
            error.0[3].to_string(),
            "refused-at (place: verbatim (text: South), input: input-stud-spacing, given: 3'-4\", allowed: range (least: 0'-8\", \
             most: 2'-0\"))"
        );
        assert!(matches!(error.0[3].within[..], [Within::Wall { place: 1, .. }]));
    }

    #[test]
    fn particulars_may_be_left_out_and_are_one_line_each() {
        let mut job = Job::empty("job", vec![]);
        assert_eq!(refused(&job), []);
        job.particulars.address = "x".repeat(LONGEST_ADDRESS);
        job.particulars.permit = "  ".into();
        job.particulars.answers_for_it = "A. Marsh\nB. Reed".into();
        assert_eq!(refused(&job), [Input::Permit, Input::AnswersForIt]);
        job.particulars.address.push('x');
        assert_eq!(refused(&job)[0], Input::Address);
    }

    #[test]
    fn a_letter_is_given_once_in_a_wall() {
        let mut job = Job::empty("job", vec![]);
        let size = crate::job::Size { width: Length::inches(36), height: Length::inches(48) };
        let design = OpeningDesign::usual(crate::job::OpeningKind::Window, size);
        let mut wall = Wall::new(WallId(1), "wall");
        for id in 0..2 {
            let mut opening = crate::job::Opening::new(crate::job::OpeningId(id), design);
            opening.letter = Some(crate::job::Letter(3));
            wall.openings.push(opening);
        }
        job.walls.push(wall);
        assert_eq!(refused(&job), [Input::OpeningLetter]);
        let sentence = super::job(&job).expect_err("D twice").to_string();
        assert_eq!(
            sentence,
            "refused-at (place: verbatim (text: wall), place-opening (letter: D), input: input-opening-letter, given: \
             given-again (letter: D), allowed: allowed-letter)"
        );
    }

    #[test]
    fn numbers_that_are_not_numbers_are_refused() {
        let mut job = Job::empty("job", vec![]);
        job.settings = Settings { live_deflection_limit: f64::NAN, ..Settings::default() };
        job.settings.site.snow.basis = SnowBasis::Ground(Pressure::psf(f64::INFINITY));
        assert_eq!(refused(&job), [Input::Snow, Input::LiveDeflectionLimit]);
    }

    #[test]
    fn a_rake_climbs_no_steeper_than_two_to_one_and_its_peak_is_its_top() {
        let rake = |left, right, peak: Option<(i64, i64)>| {
            let feet = |feet| Length::feet(feet);
            let peak = peak.map(|(at, height)| (feet(at), feet(height)));
            let height = WallHeight::Rake(Rake { left: feet(left), right: feet(right), peak });
            frame_refused(&WallFrame { height, length: feet(8), ..WallFrame::usual("gable") })
        };
        assert_eq!(rake(2, 18, None), []);
        assert_eq!(rake(2, 19, None), [Input::RakeRise]);
        assert_eq!(rake(4, 4, Some((4, 12))), []);
        assert_eq!(rake(4, 6, Some((4, 5))), [Input::PeakHeight]);
        assert_eq!(rake(4, 4, Some((9, 12))), [Input::PeakAt]);
    }

    #[test]
    fn breaks_run_from_left_to_right_inside_the_wall() {
        let checked = |lower: &[i64]| {
            let lower = lower.iter().map(|feet| Length::feet(*feet)).collect();
            let own_breaks = Some(OwnBreaks { lower, upper: vec![] });
            let framing = FramingOptions { own_breaks, ..FramingOptions::default() };
            frame_refused(&WallFrame { framing, ..WallFrame::usual("north") })
        };
        assert_eq!(checked(&[4, 8]), []);
        assert_eq!((checked(&[8, 4]), checked(&[12])), (vec![Input::PlateBreak], vec![Input::PlateBreak]));
    }

    #[test]
    fn names_are_one_line() {
        let fine = |text: &str| name(Input::WallName, text).is_ok();
        assert!(fine("Back wall"));
        assert!(!fine("  ") && !fine("a\nb") && !fine(&"x".repeat(81)));
    }

    #[test]
    fn what_nobody_typed_is_not_named_without_end() {
        let mut job = Job::empty("job", vec![]);
        for id in 0..100 {
            let mut wall = Wall::new(WallId(id), "wall");
            wall.frame.spacing = Length::ZERO;
            job.walls.push(wall);
        }
        assert_eq!(refused(&job).len(), MOST_NAMED);
    }
}
