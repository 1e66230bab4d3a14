//! What a code is asked, as plain arguments. Dimensions are decimal inches, amounts pounds.

use crate::lumber::{Family, HeaderBoard, HeaderSpec, JackLumber, SawnLumber};
use crate::measure::Stress;

/// Reference design values.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct DesignValues {
    /// Bending, Fb.
    pub bending: Stress,
    /// Tension parallel to grain, Ft.
    pub tension: Stress,
    /// Shear parallel to grain, Fv.
    pub shear: Stress,
    /// Compression perpendicular to grain, Fc⊥.
    pub bearing: Stress,
    /// Compression parallel to grain, Fc.
    pub compression: Stress,
    /// Modulus of elasticity, E.
    pub stiffness: Stress,
    /// Modulus for stability, Emin.
    pub stability_stiffness: Stress,
}

/// A demand beside what is there to meet it, in the same unit.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Comparison {
    /// What is asked.
    pub demand: f64,
    /// What is there.
    pub capacity: f64,
}

impl Comparison {
    /// Demand over capacity; 1 is full.
    pub fn ratio(self) -> f64 {
        self.demand / self.capacity
    }
}

/// Dry or wet.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum Service {
    /// Moisture 19 % or less.
    #[default]
    Dry,
    /// Wetter for long.
    Wet,
}

/// Whether the sole plate runs on past the jack pack or is cut there.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum PlateEnd {
    /// Cut at the pack, as for a door.
    #[default]
    Cut,
    /// Runs on under the opening, as for a window.
    Continuous,
}

/// Which rule says how far built-up sawn plies help one another.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub enum RepetitiveRule {
    /// The design specification's: three plies or more.
    #[default]
    Nds,
    /// The one behind the residential code's header tables: 1.10 for two plies, 1.15 for three or more.
    Prescriptive,
}

/// Which edge of a beam is pressed.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Bent {
    /// The upper one.
    Sagging,
    /// The lower one, over a support: nothing holds it.
    Hogging,
}

/// How a beam that could roll over is loaded.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Loading {
    /// Evenly over a simple span.
    Even,
    /// In any other way.
    Mixed,
}

/// A pressed edge that is free to roll over.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct FreeEdge {
    /// Distance between the points where it is held.
    pub length: f64,
    /// Depth of the beam.
    pub depth: f64,
    /// Width that resists as one piece.
    pub width: f64,
    /// How the beam is loaded.
    pub loading: Loading,
    /// Whether that width is one ply of several that nothing makes act as one.
    pub one_ply_of_several: bool,
}

/// A beam bent upright.
#[derive(Clone, Copy, Debug)]
pub struct Bending {
    /// What it is.
    pub beam: HeaderSpec,
    /// Its reference design values.
    pub values: DesignValues,
    /// Its section modulus, in.³.
    pub modulus: f64,
    /// Its width.
    pub width: f64,
    /// Its longest span.
    pub span: f64,
    /// Which edge is pressed.
    pub bent: Bent,
    /// That edge, where nothing holds it.
    pub free: Option<FreeEdge>,
    /// Which rule says how far plies help one another.
    pub repetitive: RepetitiveRule,
    /// Dry or wet.
    pub service: Service,
    /// The factor of the shortest load.
    pub duration: f64,
}

/// A beam in shear.
#[derive(Clone, Copy, Debug)]
pub struct Shear {
    /// Its reference design values.
    pub values: DesignValues,
    /// Its area, in.².
    pub area: f64,
    /// What it is made of.
    pub family: Family,
    /// Dry or wet.
    pub service: Service,
    /// The factor of the shortest load.
    pub duration: f64,
}

/// Wood pressed across its grain.
#[derive(Clone, Copy, Debug)]
pub struct Bearing {
    /// How its reference value is written down.
    pub symbol: &'static str,
    /// Its reference value.
    pub reference: Stress,
    /// What it is made of.
    pub family: Family,
    /// Dry or wet.
    pub service: Service,
}

/// Where wood is pressed across its grain.
#[derive(Clone, Copy, Debug)]
pub struct BearingPlace {
    /// How long the bearing is along the grain.
    pub length: f64,
    /// How wide it is.
    pub width: f64,
    /// Whether the wood ends near it.
    pub end: PlateEnd,
}

/// A stud as a column.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct Stud {
    /// What it is.
    pub lumber: SawnLumber,
    /// Its design values.
    pub values: DesignValues,
    /// Dry or wet.
    pub service: Service,
    /// The factor of the shortest load.
    pub duration: f64,
}

/// Studs nailed to one another as a column.
#[derive(Clone, Copy, Debug, PartialEq)]
pub struct BuiltUpColumn {
    /// What they are cut from.
    pub lumber: JackLumber,
    /// How many.
    pub studs: u8,
    /// Thickness of one.
    pub thickness: f64,
    /// Depth of the wall.
    pub depth: f64,
    /// How long they are.
    pub length: f64,
    /// How far apart they are held across the plies: zero where sheathing holds them all along.
    pub held_every: f64,
    /// le/d at the most.
    pub most_slender: f64,
    /// Dry or wet.
    pub service: Service,
}

/// What a code asks of one jack's wood that is pressed off its middle, psi.
#[derive(Clone, Copy, Debug, Default)]
pub struct PressedWood {
    /// What it carries as a column, in the combination.
    pub column: f64,
    /// At what stress it buckles.
    pub buckling: f64,
    /// What it carries in bending, for normal duration.
    pub bending: f64,
}

/// A beam bent flatwise as well.
#[derive(Clone, Copy, Debug)]
pub struct Flatwise {
    /// What a ply is.
    pub board: HeaderBoard,
    /// Its reference design values.
    pub values: DesignValues,
    /// The factor of the shortest load.
    pub duration: f64,
}
