//! Each question, handed to the code that is asked. All answers are in pounds, inches and psi.

use super::asd;
use super::asd::both_ways::Upright;
use super::asd::stud::AsColumn;
use super::combination::Combination;
use super::design_code::{CombinationIndex, CombinationSet, DesignCode, Topic};
use super::question::{
    Bearing, BearingPlace, Bending, BuiltUpColumn, Comparison, DesignValues, Flatwise, FreeEdge, PlateEnd, PressedWood,
    Service, Shear, Stud,
};
use crate::loads::ByKind;
use crate::lumber::{EngineeredClass, Grade};
use crate::lumber::{Family, HeaderBoard, JackLumber, SawnSize, Species};
use crate::speech::Phrase;
use crate::working::{Clause, Pen};

impl DesignCode {
    /// The combinations of a set.
    pub const fn combinations(self, set: CombinationSet) -> &'static [Combination] {
        match (self, set) {
            (Self::AllowableStress, CombinationSet::Strength) => &asd::combinations::STRENGTH,
            (Self::AllowableStress, CombinationSet::Live) => &asd::combinations::LIVE,
            (Self::AllowableStress, CombinationSet::WithWind) => &asd::combinations::WITH_WIND,
            (Self::AllowableStress, CombinationSet::WindAlone) => &asd::combinations::WIND_ALONE,
        }
    }

    /// Those of vertical loads, for strength.
    pub const fn strength(self) -> &'static [Combination] {
        self.combinations(CombinationSet::Strength)
    }

    /// The largest of vertical loads by kind, lb or lb/ft; zero where nothing presses.
    pub fn largest(self, amounts: &ByKind<f64>) -> f64 {
        self.strength().iter().map(|combination| combination.total(amounts)).fold(0.0, f64::max)
    }

    /// Where a rule stands.
    pub const fn clause(self, topic: Topic) -> Clause {
        match self {
            Self::AllowableStress => asd::clauses::clause(topic),
        }
    }

    /// The symbol of the factor of the shortest load.
    pub const fn duration_symbol(self) -> &'static str {
        match self {
            Self::AllowableStress => "C_D",
        }
    }

    /// Reference design values; `None` where none are on hand for this species, grade and size.
    pub fn values(self, board: HeaderBoard) -> Option<DesignValues> {
        match self {
            Self::AllowableStress => asd::values::of_board(board),
        }
    }

    /// Of sawn lumber.
    pub fn sawn_values(self, species: Species, grade: Grade, size: SawnSize) -> Option<DesignValues> {
        match self {
            Self::AllowableStress => asd::values::sawn(species, grade, size),
        }
    }

    /// Of what studs are cut from.
    pub fn stud_values(self, lumber: JackLumber) -> Option<DesignValues> {
        self.sawn_values(lumber.species, lumber.grade, lumber.size())
    }

    /// Of engineered lumber.
    pub const fn engineered_values(self, class: EngineeredClass) -> DesignValues {
        match self {
            Self::AllowableStress => asd::values::engineered(class),
        }
    }

    /// Where those come from.
    pub fn engineered_source(self, class: EngineeredClass) -> Phrase {
        match self {
            Self::AllowableStress => asd::values::engineered_source(class),
        }
    }

    /// Where the values of a board come from, as it is printed beside them.
    pub fn values_source(self, board: HeaderBoard) -> Phrase {
        match self {
            Self::AllowableStress => asd::values::source_of_board(board),
        }
    }

    /// The most slender beam whose pressed edge is free.
    pub const fn most_slender_beam(self) -> f64 {
        match self {
            Self::AllowableStress => asd::factors::beam_stability::LARGEST_SLENDERNESS_RATIO,
        }
    }

    /// The most slender column, length over depth.
    pub const fn most_slender_column(self) -> f64 {
        match self {
            Self::AllowableStress => asd::factors::column_stability::MOST_SLENDER,
        }
    }

    /// How slender a beam is.
    pub fn beam_slenderness(self, free: &FreeEdge) -> f64 {
        match self {
            Self::AllowableStress => asd::bending::slenderness(free),
        }
    }

    /// A beam bent upright by a moment.
    pub fn bending<P: Pen>(self, pen: &mut P, asked: &Bending, moment: P::Number) -> Comparison {
        match self {
            Self::AllowableStress => asd::bending::bending(pen, asked, moment),
        }
    }

    /// What such a beam carries.
    pub fn bending_strength<P: Pen>(self, pen: &mut P, asked: &Bending) -> P::Number {
        match self {
            Self::AllowableStress => asd::bending::bending_strength(pen, asked),
        }
    }

    /// A beam that is bent flatwise as well, so far.
    pub fn upright<P: Pen>(self, pen: &mut P, asked: &Bending, moment: P::Number) -> Upright<P::Number> {
        match self {
            Self::AllowableStress => asd::both_ways::upright(pen, asked, moment),
        }
    }

    /// The same beam both ways.
    pub fn both_ways<P: Pen>(
        self,
        pen: &mut P,
        upright: Upright<P::Number>,
        asked: &Flatwise,
        moment: P::Number,
        modulus: P::Number,
    ) -> Comparison {
        match self {
            Self::AllowableStress => asd::both_ways::both_ways(pen, upright, asked, moment, modulus),
        }
    }

    /// A beam under a shear force.
    pub fn shear<P: Pen>(self, pen: &mut P, asked: &Shear, force: P::Number) -> Comparison {
        match self {
            Self::AllowableStress => asd::shear::shear(pen, asked, force),
        }
    }

    /// The modulus that sag is reckoned with.
    pub fn stiffness<P: Pen>(self, pen: &mut P, values: &DesignValues, family: Family, service: Service) -> P::Number {
        match self {
            Self::AllowableStress => asd::stiffness::stiffness(pen, values, family, service),
        }
    }

    /// What wood carries across its grain at a member's end.
    pub fn bearing_strength<P: Pen>(self, pen: &mut P, asked: &Bearing) -> P::Number {
        match self {
            Self::AllowableStress => asd::bearing::bearing_strength(pen, asked),
        }
    }

    /// How many times as much it carries where it runs on.
    pub fn bearing_length_factor<P: Pen>(self, pen: &mut P, end: PlateEnd, length: &P::Number) -> P::Number {
        match self {
            Self::AllowableStress => asd::factors::bearing_area::bearing_area_factor(pen, end, length),
        }
    }

    /// Wood under a load across its grain.
    pub fn bearing<P: Pen>(self, pen: &mut P, asked: &Bearing, load: f64, place: &BearingPlace) -> Comparison {
        match self {
            Self::AllowableStress => asd::bearing::bearing(pen, asked, load, place),
        }
    }

    /// What a stud carries on its end grain.
    pub fn end_grain<P: Pen>(self, pen: &mut P, stud: &Stud) -> P::Number {
        match self {
            Self::AllowableStress => asd::end_grain::crushing_strength(pen, stud),
        }
    }

    /// A stud as a column one way: so long, and so deep that way.
    pub fn stud_column<P: Pen>(self, pen: &mut P, stud: &Stud, (length, depth): (f64, f64)) -> AsColumn<P::Number> {
        match self {
            Self::AllowableStress => asd::stud::column(pen, stud, (length, depth)),
        }
    }

    /// What nailed studs carry under loads of a duration; `None` where they are too slender to be a column or have no values.
    pub fn built_up_column<P: Pen>(self, pen: &mut P, column: &BuiltUpColumn, duration: f64) -> Option<P::Number> {
        match self {
            Self::AllowableStress => asd::built_up_column::column_carries(pen, column, duration),
        }
    }

    /// What being pressed off its middle asks of a stud.
    pub fn pressed_wood(self, stud: &Stud, length: f64, depth: f64) -> PressedWood {
        match self {
            Self::AllowableStress => asd::eccentric::pressed_wood(stud, length, depth),
        }
    }

    /// How hard studs work under a stress so far off their middle.
    pub fn pressed_off_middle<P: Pen>(
        self,
        pen: &mut P,
        stress: f64,
        wood: &PressedWood,
        duration: f64,
        (off, depth): (f64, f64),
    ) -> P::Number {
        match self {
            Self::AllowableStress => asd::eccentric::works(pen, stress, wood, duration, off, depth),
        }
    }
}

impl CombinationIndex {
    /// Wind by itself.
    pub const fn wind_alone(code: DesignCode) -> Self {
        Self { code, set: CombinationSet::WindAlone, place: 0 }
    }

    /// The combination itself.
    pub const fn combination(self) -> &'static Combination {
        &self.code.combinations(self.set)[self.place as usize]
    }

    /// As written in the code.
    pub const fn name(self) -> &'static str {
        self.combination().name
    }

    /// One as it is said behind a figure; nothing where combinations play no part.
    pub fn said(combination: Option<Self>) -> Phrase {
        combination.map_or_else(|| Phrase::verbatim(""), Self::phrase)
    }

    /// As it is said.
    pub fn phrase(self) -> Phrase {
        match self.code {
            DesignCode::AllowableStress => asd::combinations::phrase(self.combination()),
        }
    }
}
