//! One opening, planned: what bridges it, its studs, its heights, and the verdict.

use super::king_count::KingCount;
use super::landed::Landed;
use super::plates::Stretch;
use super::stack::Stack;
use super::stud_bay::StudBay;
use crate::codes::DesignCode;
use crate::job::{CountOverride, Letter, OpeningDesign, OpeningId, Size};
use crate::lumber::HeaderSpec;
use crate::measure::{End, Ends, Length};
use crate::measure::{Force, Money};
use crate::say;
use crate::sizing::candidates::Candidate;
use crate::sizing::evaluate::Evaluation;
use crate::sizing::header::CheckKind;
use crate::sizing::jacks::JackCount;
use crate::sizing::landing::{Landing, Reach};
use crate::sizing::limits::OutsideLimits;
use crate::sizing::problem::OpeningProblem;
use crate::sizing::schools::{Opinion, School};
use crate::sizing::verdict::Verdict;
use crate::speech::Phrase;

/// What was found for the opening.
#[derive(Clone, Debug, PartialEq)]
pub enum OpeningOutcome {
    /// A header, chosen from candidates.
    Header(Box<SizedHeader>),
    /// The wall carries nothing: a flat 2x.
    Flat,
    /// It stands between two studs of the layout: nothing is cut, no header is needed.
    InBay(StudBay),
    /// No number.
    Outside(OutsideLimits),
}

/// A header in its place.
#[derive(Clone, Debug, PartialEq)]
pub struct SizedHeader {
    /// What it had to solve.
    pub problem: OpeningProblem,
    /// Everything that was tried, cheapest first.
    pub candidates: Vec<Candidate>,
    /// The header that goes in: the chosen one, or the leanest, or where none carries the one that comes nearest.
    pub evaluation: Evaluation,
    /// Whether somebody chose it.
    pub chosen: bool,
    /// What the shop's rule asks for.
    pub shop_rule: Option<JackCount>,
    /// What the code's table asks for under this header.
    pub code_jacks: Option<JackCount>,
    /// How far the code's table takes this header.
    pub code_span: Option<Length>,
    /// The three schools.
    pub schools: [Opinion; 3],
    /// The school that governs.
    pub school: School,
    /// Whether the lumber's grade was assumed.
    pub assumed_grade: bool,
    /// What hanging the header costs; `None` where it is tight.
    pub hung: Option<Hung>,
}

/// A hung header's bending both ways it can be reckoned, side by side with the code's rule.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Hung {
    /// How hard it bends with one ply resisting rolling over.
    pub one_ply: f64,
    /// How hard with all plies nailed to act as one.
    pub all_plies: f64,
    /// Whether the nailing is confirmed, so that all plies count.
    pub confirmed: bool,
    /// How far the code's table takes it, at 0.70 where that holds.
    pub code_span: Option<Length>,
}

impl SizedHeader {
    /// Whether the code's table takes the header over this opening.
    pub fn code_accepts(&self) -> bool {
        self.code_span.is_some_and(|span| self.problem.clear <= span)
    }

    /// Whether the code's table governs and takes the header, though its own strength or sag fails by calculation; all else,
    /// jacks, posts and room, holds.
    pub fn only_the_table_allows_it(&self) -> bool {
        let of_the_header = |kind: CheckKind| {
            matches!(
                kind,
                CheckKind::Bending
                    | CheckKind::Shear
                    | CheckKind::LiveDeflection
                    | CheckKind::TotalDeflection
                    | CheckKind::DoorSag
            )
        };
        let failing = || self.evaluation.checks.iter().filter(|check| !check.passes());
        let jacks = End::BOTH.into_iter().all(|end| {
            let needed = self.evaluation.packs.at(end).needed;
            needed.is_some_and(|needed| needed <= *self.evaluation.jacks.at(end))
        });
        self.school == School::CodeTable
            && self.code_accepts()
            && failing().count() > 0
            && failing().all(|check| of_the_header(check.kind))
            && jacks
    }
}

/// A wall shorter than this beside an overhead door is a narrow one for bracing: 4 ft (IRC 2021 R602.10, from memory).
pub const FULL_BRACING_PANEL: Length = Length::feet(4);

/// A planned opening.
#[derive(Clone, Debug, PartialEq)]
pub struct OpeningPlan {
    /// Which opening.
    pub id: OpeningId,
    /// Its letter on the wall.
    pub letter: Letter,
    /// The code that its wood is designed by.
    pub code: DesignCode,
    /// Its design.
    pub design: OpeningDesign,
    /// Its rough opening.
    pub rough: Size,
    /// Lower edge of the rough opening above the subfloor.
    pub bottom: Length,
    /// Thickness of the wall's studs.
    pub stud: Length,
    /// What was found.
    pub outcome: OpeningOutcome,
    /// Jacks that are framed.
    pub jacks: Ends<u8>,
    /// Jacks decided by somebody.
    pub decided_jacks: Ends<Option<CountOverride>>,
    /// Kings.
    pub kings: Ends<KingCount>,
    /// Its heights.
    pub stack: Stack,
    /// The verdict.
    pub verdict: Verdict,
    /// The verdict with its reason, in a sentence.
    pub sentence: Phrase,
}

/// What a candidate weighs and costs, cut to its length.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct CandidateCut {
    /// Its weight.
    pub weight: Force,
    /// Its price; `None` where nobody gave one.
    pub price: Option<Money>,
}

impl OpeningPlan {
    /// Whether something whose left edge is here belongs to an end of it.
    pub fn is_at(&self, end: End, x: Length) -> bool {
        (end == End::Left) == (x < self.design.center)
    }

    /// Left face of the rough opening.
    pub fn left(&self) -> Length {
        self.design.center - self.rough.width.half()
    }

    /// Right face of the rough opening.
    pub fn right(&self) -> Length {
        self.left() + self.rough.width
    }

    /// What holds it up: its packs, or the two studs of the layout that it stands between.
    pub fn held_by(&self) -> (Length, Length) {
        match self.outcome {
            OpeningOutcome::InBay(bay) => (bay.left - self.stud, bay.right + self.stud),
            _ => (self.pack_edge(End::Left), self.pack_edge(End::Right)),
        }
    }

    /// Outside of the pack at an end; the face of the opening where no pack is framed.
    pub fn pack_edge(&self, end: End) -> Length {
        let pack = self.stud * i64::from(*self.jacks.at(end) + self.kings_framed(end));
        match end {
            End::Left => self.left() - pack,
            End::Right => self.right() + pack,
        }
    }

    /// Kings framed at an end: none where there is no number.
    pub fn kings_framed(&self, end: End) -> u8 {
        match self.outcome {
            OpeningOutcome::Header(_) | OpeningOutcome::Flat => self.kings.at(end).framed().unwrap_or(0),
            OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => 0,
        }
    }

    /// What a load at a place of the wall stands on, as far as this opening is concerned.
    pub fn landing(&self, at: Length) -> Landing {
        let kings = Ends { left: End::Left, right: End::Right }.map(|end| Some(self.kings_framed(end)));
        let past = match self.outcome {
            OpeningOutcome::Header(_) => self.design.run.past.map(|past| past.map(|past| past.length)),
            OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => Ends::both(None),
        };
        let reach = Reach { clear: self.rough.width, stud: self.stud, jacks: self.jacks, kings, past };
        reach.landing(at - self.left())
    }

    /// The verdict as it is shown; where something has only to be said, that is asked and nobody sent to an engineer.
    pub fn verdict_phrase(&self) -> Phrase {
        match &self.outcome {
            OpeningOutcome::Outside(OutsideLimits::NotSaid { asked }) => {
                asked.first().map_or_else(|| self.verdict.phrase(), |asked| asked.words())
            }
            OpeningOutcome::Outside(OutsideLimits::NotMeant { .. }) => say!("asked-size"),
            _ => self.verdict.phrase(),
        }
    }

    /// Whether it waits for somebody to say something: nothing is wrong with it, and it has no number yet.
    pub const fn is_asking(&self) -> bool {
        matches!(self.outcome, OpeningOutcome::Outside(OutsideLimits::NotSaid { .. } | OutsideLimits::NotMeant { .. }))
    }

    /// Whether it has numbers: without them there is no count, no cut list and no order of assembly.
    pub const fn has_numbers(&self) -> bool {
        match self.outcome {
            OpeningOutcome::Header(_) | OpeningOutcome::Flat | OpeningOutcome::InBay(_) => true,
            OpeningOutcome::Outside(_) => false,
        }
    }

    /// A candidate cut for this opening: over the rough opening and its own jacks.
    pub fn cut_of(&self, candidate: &Candidate) -> CandidateCut {
        let Evaluation { header, jacks, .. } = &candidate.evaluation;
        let length = self.rough.width + self.stud * i64::from(jacks.left + jacks.right);
        let price = candidate.price_per_foot.map(|price| Money::cents(price.to_cents() * length.to_feet()));
        CandidateCut { weight: header.weight(length), price }
    }

    /// The header that goes in, if there is one.
    pub fn header(&self) -> Option<HeaderSpec> {
        match &self.outcome {
            OpeningOutcome::Header(sized) => Some(sized.evaluation.header),
            OpeningOutcome::Flat | OpeningOutcome::InBay(_) | OpeningOutcome::Outside(_) => None,
        }
    }

    /// Where the header starts: on the outermost jack, or where it runs on past its pack.
    pub fn header_left(&self) -> Length {
        self.left() - self.header_past(End::Left)
    }

    /// Length of the header: rough opening and a stud's thickness for every jack, or as far as it runs on past its pack.
    pub fn header_length(&self) -> Length {
        self.rough.width + self.header_past(End::Left) + self.header_past(End::Right)
    }

    fn header_past(&self, end: End) -> Length {
        let on_jacks = self.stud * i64::from(*self.jacks.at(end));
        self.design.run.past.at(end).map_or(on_jacks, |past| past.length.max(on_jacks))
    }
}

/// What of a wall every opening in it is planned with.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Ground {
    /// The code that its wood is designed by.
    pub code: DesignCode,
    /// What lands on it.
    pub landed: Landed,
    /// Its pieces of sole plate.
    pub sole: Vec<Stretch>,
}
