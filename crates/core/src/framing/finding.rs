//! Findings: what is wrong or worth knowing about a framed wall. Each has its place, its numbers and ways out.

use super::member::Role;
use super::plates::NEAR_END;
use crate::job::OpeningId;
use crate::measure::{End, Length, LengthStyle};

/// How much a finding matters.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Severity {
    /// Cannot be built or must not be.
    Trouble,
    /// Look at it before cutting.
    Caution,
    /// Worth knowing.
    Note,
}

/// A finding.
#[derive(Clone, Debug, PartialEq)]
pub enum Finding {
    /// The opening with its pack reaches past the wall's end.
    PastTheEnd {
        /// Which opening.
        opening: OpeningId,
        /// At which end of the wall.
        end: End,
        /// By how much.
        by: Length,
    },
    /// Two openings' packs share wood.
    PacksOverlap {
        /// The opening at the left.
        opening: OpeningId,
        /// The opening at the right.
        next: OpeningId,
        /// By how much.
        by: Length,
    },
    /// The header is deeper than its room.
    HeaderTooDeep {
        /// Which opening.
        opening: OpeningId,
        /// By how much.
        by: Length,
    },
    /// A cripple too short to nail.
    CrippleTooShort {
        /// Which opening.
        opening: OpeningId,
        /// Its length.
        length: Length,
    },
    /// The opening is taller than the wall.
    OpeningTooTall {
        /// Which opening.
        opening: OpeningId,
        /// By how much.
        by: Length,
    },
    /// Somebody decided on fewer studs than are needed.
    FewerThanNeeded {
        /// Which opening.
        opening: OpeningId,
        /// At which end.
        end: End,
        /// `jacks` or `kings`.
        what: &'static str,
        /// How many there are.
        decided: u8,
        /// How many are needed.
        needed: u8,
    },
    /// A rule asks for more than the arithmetic.
    RuleAsksForMore {
        /// Which opening.
        opening: OpeningId,
        /// At which end.
        end: End,
        /// By the rule.
        rule: u8,
        /// By arithmetic.
        arithmetic: u8,
    },
    /// The code's table, which governs, takes a header that calculation does not.
    CalculationDisagrees {
        /// Which opening.
        opening: OpeningId,
    },
    /// The lumber's grade was assumed.
    GradeAssumed {
        /// Which opening.
        opening: OpeningId,
    },
    /// A support of the header is lifted.
    Uplift {
        /// Which opening.
        opening: OpeningId,
        /// With so many pounds.
        pounds: u32,
    },
    /// The wall beside a big door is short, and has to brace the front.
    ShortReturn {
        /// Which opening.
        opening: OpeningId,
        /// At which end of it.
        end: End,
        /// How long the wall is there.
        length: Length,
    },
    /// Little is left of a notched jack.
    DeepNotch {
        /// Which opening.
        opening: OpeningId,
        /// What is left beside the header.
        left: Length,
    },
    /// A crossing wall meets this one in the opening or its pack.
    PartitionInTheWay {
        /// Which opening.
        opening: OpeningId,
        /// Where the crossing wall is.
        at: Length,
        /// How far to move the opening so that its pack is clear of it; away from it.
        by: Length,
    },
    /// The pack stands in the studs of a corner.
    PackInCorner {
        /// Which opening.
        opening: OpeningId,
        /// At which end of the wall.
        end: End,
        /// By how much.
        by: Length,
    },
    /// The channel of a crossing wall has no place: a corner or another crossing wall stands there.
    ChannelLost {
        /// Where the crossing wall is.
        at: Length,
        /// How much of the wall the channel takes.
        width: Length,
    },
    /// No number of kings that was tried holds the wind.
    KingsTooWeak {
        /// Which opening.
        opening: OpeningId,
        /// The most that were tried.
        tried: u8,
    },
    /// A load in the field of the wall has fewer studs under it than carry it.
    PointLoadStuds {
        /// Where.
        at: Length,
        /// The largest of its combinations.
        pounds: u32,
        /// How many carry it; `None` where no number that was tried does.
        needed: Option<u8>,
        /// How many stand there.
        there: u8,
    },
    /// A load in the field of the wall is larger than is calculated.
    PointLoadTooLarge {
        /// Where.
        at: Length,
        /// The largest of its combinations.
        pounds: u32,
    },
    /// The far end of a floor with a tail is lifted.
    FarEndLifted {
        /// With so many pounds a foot.
        plf: u32,
    },
    /// The end of joists on this wall is lifted by the next span.
    JoistEndLifted {
        /// With so many pounds a foot.
        plf: u32,
    },
    /// Wind lifts the roof over a pack.
    NetUplift {
        /// Which opening.
        opening: OpeningId,
        /// At which end.
        end: End,
        /// With so many pounds.
        pounds: u32,
    },
    /// Snow was assumed before anybody was asked.
    SnowAssumed,
    /// Wind was assumed before anybody was asked.
    WindAssumed,
    /// That nothing stands on a floor's tail was assumed.
    TailAssumed,
    /// That a wall above has no openings was assumed.
    OpeningsAboveAssumed,
    /// Nobody is counted in the attic over a ceiling.
    NobodyInAttic,
    /// A thin header presses its jacks off their middle, which asks for more of them.
    OffMiddle {
        /// Which opening.
        opening: OpeningId,
        /// By how much.
        off: Length,
    },
    /// Joists on the side of a built-up header: its plies have to hand the load on.
    PlyFastening {
        /// Which opening.
        opening: OpeningId,
        /// So many pounds a foot from ply to ply.
        plf: u32,
    },
    /// The header is wider than the wall is deep.
    HeaderTooWide {
        /// Which opening.
        opening: OpeningId,
        /// By how much.
        by: Length,
    },
    /// Its head is off the line of the others.
    HeadOffLine {
        /// Which opening.
        opening: OpeningId,
        /// How far above the line; negative below.
        by: Length,
        /// The line that most heads keep, above the subfloor.
        line: Length,
    },
    /// A kitchen window's sill lies lower than the counter's backsplash ends.
    SillInBacksplash {
        /// Which opening.
        opening: OpeningId,
        /// By how much.
        by: Length,
    },
    /// A bedroom's window has to be one to escape by.
    EscapeWindow {
        /// Which opening.
        opening: OpeningId,
    },
    /// Its sill is too high to escape over.
    EscapeSillHigh {
        /// Which opening.
        opening: OpeningId,
        /// Height of the sill over the finish floor.
        height: Length,
    },
    /// The whole unit is smaller than the clear opening that is asked for.
    EscapeTooSmall {
        /// Which opening.
        opening: OpeningId,
    },
    /// A bathroom's window.
    BathroomSill {
        /// Which opening.
        opening: OpeningId,
        /// Height of the sill over the finish floor.
        height: Length,
    },
    /// An opening between two studs leaves a gap too narrow for a filler beside it.
    GapInBay {
        /// Which opening.
        opening: OpeningId,
        /// At which end of it.
        end: End,
        /// How wide.
        gap: Length,
    },
    /// A top plate breaks over an opening or its pack.
    BreakOverOpening {
        /// Which opening.
        opening: OpeningId,
        /// Where.
        at: Length,
    },
    /// A break in one top plate is too near one in the other.
    BreaksTooNear {
        /// The lower plate's break.
        at: Length,
        /// Their distance.
        apart: Length,
        /// The distance wanted.
        wanted: Length,
    },
    /// Between two breaks a plate is longer than the board it is cut from.
    BoardTooShort {
        /// Where the piece starts.
        at: Length,
        /// Its length.
        length: Length,
        /// The board's.
        stock: Length,
    },
    /// No place for a break keeps every rule.
    BreaksMissing {
        /// The wall's length.
        wall: Length,
        /// The longest board.
        stock: Length,
    },
    /// A bolt stands where the sole plate is cut out of a doorway.
    BoltInDoorway {
        /// Which opening.
        opening: OpeningId,
        /// Where.
        at: Length,
    },
    /// A bolt stands where an upright has to stand.
    BoltUnderStud {
        /// Where.
        at: Length,
        /// What stands there.
        role: Role,
    },
    /// The end of a piece of the sole plate has no bolt near it.
    BoltMissing {
        /// The end of the piece.
        at: Length,
    },
    /// Framed flat, the wall is taller than the room while it is tipped up.
    TipUp {
        /// Its diagonal.
        diagonal: Length,
        /// The room.
        room: Length,
    },
    /// Floor or ceiling are not even.
    UnevenRoom {
        /// The higher end.
        higher: End,
        /// By how much.
        by: Length,
    },
}

/// Escape windows: the least clear area in square feet. Source: IRC 2021 R310.2, from memory, as are the next three.
pub const ESCAPE_AREA: f64 = 5.7;
/// The least clear width.
pub const ESCAPE_WIDTH: Length = Length::inches(20);
/// The least clear height.
pub const ESCAPE_HEIGHT: Length = Length::inches(24);
/// The highest sill above the floor.
pub const ESCAPE_SILL: Length = Length::inches(44);

/// Finished with a nail: the least cripple.
pub const SHORTEST_CRIPPLE: Length = Length::inches_and(1, 1, 2);

impl Finding {
    /// Whether it stops the load on its way, so that an opening does not carry.
    pub fn stops(&self, id: OpeningId) -> bool {
        match self {
            Self::PastTheEnd { opening, .. }
            | Self::HeaderTooDeep { opening, .. }
            | Self::OpeningTooTall { opening, .. }
            | Self::PackInCorner { opening, .. }
            | Self::HeaderTooWide { opening, .. } => *opening == id,
            Self::PacksOverlap { opening, next, .. } => *opening == id || *next == id,
            _ => false,
        }
    }

    /// Its short name, kept for good.
    pub const fn code(&self) -> &'static str {
        match self {
            Self::PastTheEnd { .. } => "past-the-end",
            Self::PacksOverlap { .. } => "packs-overlap",
            Self::HeaderTooDeep { .. } => "header-too-deep",
            Self::CrippleTooShort { .. } => "cripple-too-short",
            Self::OpeningTooTall { .. } => "opening-too-tall",
            Self::FewerThanNeeded { .. } => "fewer-than-needed",
            Self::RuleAsksForMore { .. } => "rule-asks-for-more",
            Self::CalculationDisagrees { .. } => "calculation-disagrees",
            Self::GradeAssumed { .. } => "grade-assumed",
            Self::Uplift { .. } => "uplift",
            Self::ShortReturn { .. } => "short-return",
            Self::DeepNotch { .. } => "deep-notch",
            Self::PartitionInTheWay { .. } => "partition-in-the-way",
            Self::PackInCorner { .. } => "pack-in-corner",
            Self::ChannelLost { .. } => "channel-lost",
            Self::KingsTooWeak { .. } => "kings-too-weak",
            Self::PointLoadStuds { .. } => "point-load-studs",
            Self::PointLoadTooLarge { .. } => "point-load-too-large",
            Self::FarEndLifted { .. } => "far-end-lifted",
            Self::JoistEndLifted { .. } => "joist-end-lifted",
            Self::NetUplift { .. } => "net-uplift",
            Self::SnowAssumed => "snow-assumed",
            Self::WindAssumed => "wind-assumed",
            Self::TailAssumed => "tail-assumed",
            Self::OpeningsAboveAssumed => "openings-above-assumed",
            Self::NobodyInAttic => "nobody-in-attic",
            Self::OffMiddle { .. } => "off-middle",
            Self::PlyFastening { .. } => "ply-fastening",
            Self::HeaderTooWide { .. } => "header-too-wide",
            Self::HeadOffLine { .. } => "head-off-line",
            Self::SillInBacksplash { .. } => "sill-in-backsplash",
            Self::EscapeWindow { .. } => "escape-window",
            Self::EscapeSillHigh { .. } => "escape-sill-high",
            Self::EscapeTooSmall { .. } => "escape-too-small",
            Self::BathroomSill { .. } => "bathroom-sill",
            Self::GapInBay { .. } => "gap-in-bay",
            Self::BreakOverOpening { .. } => "break-over-opening",
            Self::BreaksTooNear { .. } => "breaks-too-near",
            Self::BoardTooShort { .. } => "board-too-short",
            Self::BreaksMissing { .. } => "breaks-missing",
            Self::BoltInDoorway { .. } => "bolt-in-doorway",
            Self::BoltUnderStud { .. } => "bolt-under-stud",
            Self::BoltMissing { .. } => "bolt-missing",
            Self::TipUp { .. } => "tip-up",
            Self::UnevenRoom { .. } => "uneven-room",
        }
    }

    /// Which opening it is about; none if it is about the wall.
    pub const fn opening(&self) -> Option<OpeningId> {
        match self {
            Self::PastTheEnd { opening, .. }
            | Self::PacksOverlap { opening, .. }
            | Self::HeaderTooDeep { opening, .. }
            | Self::CrippleTooShort { opening, .. }
            | Self::OpeningTooTall { opening, .. }
            | Self::FewerThanNeeded { opening, .. }
            | Self::RuleAsksForMore { opening, .. }
            | Self::CalculationDisagrees { opening }
            | Self::GradeAssumed { opening }
            | Self::Uplift { opening, .. }
            | Self::ShortReturn { opening, .. }
            | Self::DeepNotch { opening, .. }
            | Self::PartitionInTheWay { opening, .. }
            | Self::PackInCorner { opening, .. }
            | Self::KingsTooWeak { opening, .. }
            | Self::NetUplift { opening, .. }
            | Self::OffMiddle { opening, .. }
            | Self::PlyFastening { opening, .. }
            | Self::HeaderTooWide { opening, .. }
            | Self::HeadOffLine { opening, .. }
            | Self::SillInBacksplash { opening, .. }
            | Self::EscapeWindow { opening }
            | Self::EscapeSillHigh { opening, .. }
            | Self::EscapeTooSmall { opening }
            | Self::BathroomSill { opening, .. }
            | Self::GapInBay { opening, .. }
            | Self::BreakOverOpening { opening, .. }
            | Self::BoltInDoorway { opening, .. } => Some(*opening),
            Self::ChannelLost { .. }
            | Self::PointLoadStuds { .. }
            | Self::PointLoadTooLarge { .. }
            | Self::FarEndLifted { .. }
            | Self::JoistEndLifted { .. }
            | Self::SnowAssumed
            | Self::WindAssumed
            | Self::TailAssumed
            | Self::OpeningsAboveAssumed
            | Self::NobodyInAttic
            | Self::BreaksTooNear { .. }
            | Self::BoardTooShort { .. }
            | Self::BreaksMissing { .. }
            | Self::BoltUnderStud { .. }
            | Self::BoltMissing { .. }
            | Self::TipUp { .. }
            | Self::UnevenRoom { .. } => None,
        }
    }

    /// Where along the wall it is, if it is at one place.
    pub const fn at(&self) -> Option<Length> {
        match self {
            Self::PartitionInTheWay { at, .. }
            | Self::ChannelLost { at, .. }
            | Self::BreakOverOpening { at, .. }
            | Self::BreaksTooNear { at, .. }
            | Self::BoardTooShort { at, .. }
            | Self::BoltInDoorway { at, .. }
            | Self::BoltUnderStud { at, .. }
            | Self::PointLoadStuds { at, .. }
            | Self::PointLoadTooLarge { at, .. }
            | Self::BoltMissing { at } => Some(*at),
            _ => None,
        }
    }

    /// How much it matters.
    pub const fn severity(&self) -> Severity {
        match self {
            Self::RuleAsksForMore { .. }
            | Self::GradeAssumed { .. }
            | Self::EscapeWindow { .. }
            | Self::BathroomSill { .. }
            | Self::GapInBay { .. }
            | Self::UnevenRoom { .. } => Severity::Note,
            Self::FarEndLifted { .. }
            | Self::JoistEndLifted { .. }
            | Self::NetUplift { .. }
            | Self::SnowAssumed
            | Self::WindAssumed
            | Self::TailAssumed
            | Self::OpeningsAboveAssumed
            | Self::NobodyInAttic
            | Self::OffMiddle { .. }
            | Self::PlyFastening { .. }
            | Self::HeadOffLine { .. }
            | Self::SillInBacksplash { .. }
            | Self::EscapeSillHigh { .. }
            | Self::BoltMissing { .. }
            | Self::BreaksTooNear { .. }
            | Self::BreaksMissing { .. }
            | Self::CalculationDisagrees { .. }
            | Self::Uplift { .. }
            | Self::ShortReturn { .. }
            | Self::DeepNotch { .. } => Severity::Caution,
            _ => Severity::Trouble,
        }
    }

    /// What it is, in a sentence.
    pub fn sentence(&self) -> String {
        let inches = |length: &Length| length.written(LengthStyle::Inches);
        let feet = |length: &Length| length.written(LengthStyle::FeetInches);
        match self {
            Self::PastTheEnd { end, by, .. } => {
                format!("The pack reaches {} past the wall's {} end.", inches(by), end.word())
            }
            Self::PacksOverlap { by, .. } => {
                format!("Its pack and the next opening's overlap by {}.", inches(by))
            }
            Self::HeaderTooDeep { by, .. } => {
                format!("The header is {} deeper than the room over the head.", inches(by))
            }
            Self::CrippleTooShort { length, .. } => {
                format!("The cripple over the header would be {}: too short to nail.", inches(length))
            }
            Self::OpeningTooTall { by, .. } => format!("The opening is {} taller than the wall allows.", inches(by)),
            Self::FewerThanNeeded { end, what, decided, needed, .. } => {
                format!("{decided} {what} at the {} end, {needed} needed.", end.word())
            }
            Self::RuleAsksForMore { end, rule, arithmetic, .. } => {
                format!("A rule asks for {rule} jacks at the {} end; arithmetic asks for {arithmetic}.", end.word())
            }
            Self::CalculationDisagrees { .. } => {
                "The code's table takes this header; by calculation it does not carry. Confirm in the adopted code."
                    .into()
            }
            Self::GradeAssumed { .. } => "The grade is not known: No.2 Spruce-Pine-Fir is assumed.".into(),
            Self::Uplift { pounds, .. } => {
                format!("A support of the header is lifted with up to {pounds} lb: tie it down.")
            }
            Self::ShortReturn { end, length, .. } => format!(
                "The wall at its {} end is {} long and has to brace the front: the bracing plan decides.",
                end.word(),
                inches(length)
            ),
            Self::DeepNotch { left, .. } => format!("The notch leaves {} of the jack beside the header.", inches(left)),
            Self::PartitionInTheWay { at, by, .. } => format!(
                "A crossing wall at {} stands in the opening or its pack; {} would clear it.",
                feet(at),
                inches(by)
            ),
            Self::ChannelLost { at, width } => format!(
                "The channel of the crossing wall at {} takes {}, and a corner or another crossing wall stands there.",
                feet(at),
                inches(width)
            ),
            Self::PackInCorner { end, by, .. } => {
                format!("The pack stands {} in the studs of the wall's {} end.", inches(by), end.word())
            }
            Self::KingsTooWeak { tried, .. } => {
                format!("Not even {tried} kings hold the wind on this opening: deeper studs, or an engineer decides.")
            }
            Self::PointLoadStuds { at, pounds, needed, there } => {
                let needed = needed.map_or_else(
                    || "no number of studs that was tried is enough".into(),
                    |needed| format!("{needed} studs needed"),
                );
                format!("{pounds} lb stand at {}: {needed}, {there} there.", feet(at))
            }
            Self::PointLoadTooLarge { at, pounds } => {
                format!("{pounds} lb stand at {}, more than 20,000 lb: a licensed engineer decides.", feet(at))
            }
            Self::FarEndLifted { plf } => {
                format!(
                    "The far end of the floor with a tail is lifted with up to {plf} lb/ft (0.6 D holding): tie it down."
                )
            }
            Self::JoistEndLifted { plf } => {
                format!(
                    "The joists' end on this wall is lifted with up to {plf} lb/ft by their next span (0.6 D holding): tie it down."
                )
            }
            Self::NetUplift { end, pounds, .. } => format!(
                "Wind lifts the roof over the {} pack with {pounds} lb (0.6 D + 0.6 W): straps as the drawings say.",
                end.word()
            ),
            Self::SnowAssumed => "The snow was assumed before anybody was asked: confirm it once under Rules.".into(),
            Self::WindAssumed => "The wind was assumed before anybody was asked: confirm it once under Rules.".into(),
            Self::TailAssumed => {
                "That nothing stands on the floor's tail was assumed before anybody was asked: confirm it once.".into()
            }
            Self::OpeningsAboveAssumed => {
                "That the wall above has no openings was assumed before anybody was asked: confirm it once.".into()
            }
            Self::NobodyInAttic => {
                "Nobody is counted in the attic over this ceiling: 10 psf is usual without storage.".into()
            }
            Self::OffMiddle { off, .. } => format!(
                "The header presses its jacks {} off their middle, which bends them: more jacks than straight down.",
                inches(off)
            ),
            Self::PlyFastening { plf, .. } => format!(
                "Joists hang on the header's side: {plf} lb/ft have to pass from ply to ply. The maker's schedule or the drawings \
                 give bolts or screws."
            ),
            Self::HeaderTooWide { by, .. } => format!("The header is {} wider than the wall is deep.", inches(by)),
            Self::HeadOffLine { by, line, .. } => {
                let side = if Length::ZERO < *by { "above" } else { "below" };
                format!("Its head is {} {side} the line of the others, at {}.", inches(&by.abs()), inches(line))
            }
            Self::SillInBacksplash { by, .. } => {
                format!("Its sill lies {} below the top of the counter's backsplash.", inches(by))
            }
            Self::EscapeWindow { .. } => format!(
                "A bedroom needs a window to escape by: {ESCAPE_AREA} sq. ft. clear, {} wide, {} high, its sill at most {} above \
                 the floor. The unit's maker gives the clear opening.",
                inches(&ESCAPE_WIDTH),
                inches(&ESCAPE_HEIGHT),
                inches(&ESCAPE_SILL)
            ),
            Self::EscapeSillHigh { height, .. } => {
                format!(
                    "Its sill is {} above the floor; to escape over it may be {}.",
                    inches(height),
                    inches(&ESCAPE_SILL)
                )
            }
            Self::EscapeTooSmall { .. } => format!(
                "The whole unit is smaller than the clear opening to escape by: {ESCAPE_AREA} sq. ft., {} wide, {} high.",
                inches(&ESCAPE_WIDTH),
                inches(&ESCAPE_HEIGHT)
            ),
            Self::BathroomSill { height, .. } => format!(
                "A bathroom's sill is usually higher than {}, for privacy; over a tub the glass has to be safety glass.",
                inches(height)
            ),
            Self::GapInBay { end, gap, .. } => {
                format!("{} are left to the stud at its {} end: fur it out.", inches(gap), end.word())
            }
            Self::BreakOverOpening { at, .. } => {
                format!("A top plate breaks at {}, over the opening or its pack.", feet(at))
            }
            Self::BreaksTooNear { at, apart, wanted } => format!(
                "The lower top plate breaks at {}, {} from a break in the upper; {} is wanted.",
                feet(at),
                feet(apart),
                feet(wanted)
            ),
            Self::BoardTooShort { at, length, stock } => {
                format!("The top plate from {} is {} long; its board has {}.", feet(at), feet(length), feet(stock))
            }
            Self::BreaksMissing { wall, stock } => format!(
                "No place for the plates' breaks keeps every rule: the wall is {} long, its boards {}. The plates are drawn whole.",
                feet(wall),
                feet(stock)
            ),
            Self::BoltInDoorway { at, .. } => format!("An anchor bolt stands in the doorway, at {}.", feet(at)),
            Self::BoltUnderStud { at, role } => {
                format!("An anchor bolt stands under a {}, at {}.", role.name(), feet(at))
            }
            Self::BoltMissing { at } => {
                format!("The sole plate that ends at {} has no bolt within {} of its end.", feet(at), inches(&NEAR_END))
            }
            Self::TipUp { diagonal, room } => {
                format!("Tipped up, the wall's corner swings {} high; the room has {}.", inches(diagonal), inches(room))
            }
            Self::UnevenRoom { higher, by } => format!(
                "The room is {} higher at the {} end: the lower end rules, the rest is shimmed.",
                inches(by),
                higher.word()
            ),
        }
    }

    /// What can be done about it.
    pub const fn ways_out(&self) -> &'static [&'static str] {
        match self {
            Self::PastTheEnd { .. } => &["Move the opening away from the end.", "Make the opening narrower."],
            Self::PacksOverlap { .. } => &["Move one of the two.", "Frame both under one header."],
            Self::HeaderTooDeep { .. } => {
                &["Choose a shallower header.", "Lower the head.", "Leave out the flat nailer, if there is one."]
            }
            Self::CrippleTooShort { .. } => &[
                "Choose a deeper or a shallower header.",
                "Hang it tight to the plates and pack the head down.",
                "Change the head height.",
            ],
            Self::OpeningTooTall { .. } => &["Lower the sill.", "Use a shorter unit."],
            Self::FewerThanNeeded { .. } => &["Go back to the computed count."],
            Self::RuleAsksForMore { .. } => &[],
            Self::PartitionInTheWay { .. } => &["Move the opening clear of the wall.", "Move the crossing wall."],
            Self::ChannelLost { .. } => &["Move the crossing wall.", "Back it with ladder blocks instead."],
            Self::PackInCorner { .. } => &["Move the opening away from the end.", "Build the corner with fewer studs."],
            Self::CalculationDisagrees { .. } => &["Choose the header that calculation asks for."],
            Self::GradeAssumed { .. } => &["Look for a grade stamp, or have the lumber graded."],
            Self::Uplift { .. } => &["Shorten what runs past the pack.", "Show the tie-down to an engineer."],
            Self::ShortReturn { .. } => &[
                "Run the header over the return to the corner, with straps and the nailing grid that the code prints.",
                "Move the opening away from the corner.",
            ],
            Self::DeepNotch { .. } => &["Use a jack of its own under the header.", "Use a header as wide as the wall."],
            Self::KingsTooWeak { .. } => {
                &["Build the wall of deeper studs.", "Choose studs of a better grade.", "Make the opening narrower."]
            }
            Self::PointLoadStuds { .. } => &[
                "Move the opening away from the load.",
                "Use plates of a harder species.",
                "Set a post from the drawings.",
            ],
            Self::PointLoadTooLarge { .. } => &["Show it to an engineer."],
            Self::FarEndLifted { .. } | Self::JoistEndLifted { .. } | Self::NetUplift { .. } => {
                &["Tie it down as the drawings say."]
            }
            Self::SnowAssumed | Self::WindAssumed | Self::TailAssumed | Self::OpeningsAboveAssumed => {
                &["Say it, or confirm what is there."]
            }
            Self::NobodyInAttic => &["Give the attic's live load under what the wall carries."],
            Self::OffMiddle { .. } => &["Center it in the wall.", "Fill it to both faces of the wall."],
            Self::PlyFastening { .. } => &["Fasten the plies by the maker's schedule.", "Use a header of one piece."],
            Self::HeaderTooWide { .. } => {
                &["Choose a thinner header or fewer plies.", "Build the wall of deeper studs."]
            }
            Self::HeadOffLine { .. } => {
                &["Set the sill so that the heads line up.", "Say that the heads of this wall differ on purpose."]
            }
            Self::SillInBacksplash { .. } => {
                &["Raise the sill.", "Use a shorter unit.", "Set the counter's height in the rules."]
            }
            Self::EscapeWindow { .. } | Self::BathroomSill { .. } | Self::UnevenRoom { .. } => &[],
            Self::EscapeSillHigh { .. } => &["Lower the sill.", "Use a taller unit with the same head."],
            Self::EscapeTooSmall { .. } => &["Use a larger unit.", "Say so if another window of the room serves."],
            Self::GapInBay { .. } => &["Fur the gap with strips.", "Move the opening to the middle of the bay."],
            Self::BreakOverOpening { .. } => {
                &["Move the break over a stud beside the pack.", "Let the breaks be placed."]
            }
            Self::BreaksTooNear { .. } => &["Move one of the two.", "Let the breaks be placed."],
            Self::BoardTooShort { .. } => &["Add a break.", "Use a longer board."],
            Self::BreaksMissing { .. } => {
                &["Use a longer board.", "Let the breaks come closer to each other.", "Decide where they go."]
            }
            Self::BoltInDoorway { .. } => {
                &["Cut the bolt off and drill an anchor beside the door.", "Move the opening."]
            }
            Self::BoltUnderStud { .. } => {
                &["Move the opening or the stud.", "Cut the bolt off and drill an anchor beside it."]
            }
            Self::BoltMissing { .. } => &["Drill an anchor there.", "Move the piece's end."],
            Self::TipUp { .. } => &["Leave more clearance over the wall.", "Build it in place, stud by stud."],
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn trouble_always_offers_a_way_out() {
        let opening = OpeningId(1);
        let by = Length::inches(1);
        for finding in [
            Finding::PastTheEnd { opening, end: End::Left, by },
            Finding::PacksOverlap { opening, next: OpeningId(2), by },
            Finding::HeaderTooDeep { opening, by },
            Finding::CrippleTooShort { opening, length: by },
            Finding::OpeningTooTall { opening, by },
            Finding::FewerThanNeeded { opening, end: End::Left, what: "jacks", decided: 1, needed: 2 },
        ] {
            assert_eq!(finding.severity(), Severity::Trouble);
            assert!(!finding.ways_out().is_empty() && finding.sentence().ends_with('.'));
        }
    }
}
