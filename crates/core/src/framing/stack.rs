//! # The height stack of an opening
//!
//! **What it does.** Everything from the subfloor to the top of the plates, piece by piece, at the middle of the opening.
//! The pieces add up to the wall's height there exactly; where they cannot, a finding says so.
//!
//! **Source.** Common practice, no source. A cripple under 1 1/2 in. cannot be nailed.
//!
//! **Worked example.** 8 ft wall (97 1/8), 3068 door, 2-2x10 tight to the plates: 82 1/2 opening + 2 3/8 packing + 9 1/4
//! header + 3 plates = 97 1/8.

use super::hole::Hole;
use crate::job::wall_frame::along;
use crate::job::{HeaderPlace, OpeningDesign, SillStyle, Underside, WallFrame};
use crate::measure::Length;
use crate::say;
use crate::speech::Phrase;

/// Finished with a nail: the least cripple.
pub const SHORTEST_CRIPPLE: Length = Length::inches_and(1, 1, 2);

/// One layer of the stack.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct StackLine {
    /// What it is.
    pub what: StackPart,
    /// Its lower edge above the subfloor.
    pub from: Length,
    /// How high it is.
    pub height: Length,
}

/// What a layer of the stack is.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum StackPart {
    /// Bottom plate.
    SolePlate,
    /// Finish floor in a doorway.
    FinishFloor,
    /// Nothing, under a sill between two studs of the layout.
    OpenBelow,
    /// Cripples under the sill.
    CrippleBelow,
    /// The sill.
    Sill,
    /// The rough opening.
    Opening,
    /// Flat nailer under the header.
    Nailer,
    /// Flat head piece of the packing under a tight header.
    HeadPiece,
    /// Strip that fills the rest of the packing.
    PackingStrip,
    /// Cripples between the head piece and a tight header.
    PackingCripple,
    /// The header.
    Header,
    /// Flat 2x where nothing is carried.
    FlatHead,
    /// Cripples above.
    CrippleAbove,
    /// Nothing, over a head between two studs of the layout.
    OpenAbove,
    /// Lower top plate.
    TopPlate,
    /// Upper top plate.
    SecondTopPlate,
}

impl StackPart {
    /// The layer in words.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::SolePlate => say!("stack-sole-plate"),
            Self::FinishFloor => say!("stack-finish-floor"),
            Self::OpenBelow => say!("stack-open-below"),
            Self::OpenAbove => say!("stack-open-above"),
            Self::CrippleBelow => say!("stack-cripple-below"),
            Self::Sill => say!("stack-sill"),
            Self::Opening => say!("stack-opening"),
            Self::Nailer => say!("stack-nailer"),
            Self::HeadPiece => say!("stack-head-piece"),
            Self::PackingStrip => say!("stack-packing-strip"),
            Self::PackingCripple => say!("stack-packing-cripple"),
            Self::Header => say!("stack-header"),
            Self::FlatHead => say!("stack-flat-head"),
            Self::CrippleAbove => say!("stack-cripple-above"),
            Self::TopPlate => say!("stack-top-plate"),
            Self::SecondTopPlate => say!("stack-second-top-plate"),
        }
    }
}

/// What bridges the opening, as far as heights go.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Bridging {
    /// A header of this depth.
    Header(Length),
    /// A flat 2x.
    Flat,
    /// A flat 2x between two studs of the layout, nothing cut.
    InBay,
    /// Not known: outside the limits.
    Unknown,
}

/// The stack.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct Stack {
    /// From the subfloor up.
    pub lines: Vec<StackLine>,
}

impl Stack {
    /// The sum of all layers.
    pub fn total(&self) -> Length {
        self.lines.iter().map(|line| line.height).sum()
    }

    /// The first layer of a kind.
    pub fn part(&self, what: StackPart) -> Option<&StackLine> {
        self.lines.iter().find(|line| line.what == what)
    }

    /// Height at which the header sits on its jacks; where there is none, the head of the opening.
    pub fn header_seat(&self) -> Length {
        let seat = |what| self.part(what).map(|line: &StackLine| line.from);
        let under_nailer = seat(StackPart::Nailer);
        under_nailer.or(seat(StackPart::Header)).or(seat(StackPart::FlatHead)).unwrap_or_else(|| self.head())
    }

    /// Head of the opening: the top of the rough opening.
    pub fn head(&self) -> Length {
        self.part(StackPart::Opening).map_or(Length::ZERO, |line| line.from + line.height)
    }

    fn push(&mut self, what: StackPart, height: Length) {
        let from = self.lines.last().map_or(Length::ZERO, |line| line.from + line.height);
        if height != Length::ZERO {
            self.lines.push(StackLine { what, from, height });
        }
    }
}

/// Where the header hangs: as designed, but in a rake wall at head height, since the plates climb over it.
pub fn hangs(design: &OpeningDesign, wall: &WallFrame) -> HeaderPlace {
    if wall.rake().is_some() { HeaderPlace::AtHeadHeight } else { design.place }
}

/// Room between the head of the opening and the top plates where they are lowest, less the nailer: the deepest header that
/// fits.
pub fn room_for_header(design: &OpeningDesign, hole: Hole, wall: &WallFrame) -> Length {
    let reach = hole.size.width.half() + wall.thickness() * 2;
    let (from, to) = ((design.center - reach).max(Length::ZERO), (design.center + reach).min(wall.length));
    // Under a tight header a nailer gives way to a strip where there is no room for it.
    let under = if hangs(design, wall) == HeaderPlace::TightToPlates { Length::ZERO } else { nailer(design, wall) };
    wall.lowest_under_plates(from, to) - hole.head() - under
}

fn nailer(design: &OpeningDesign, wall: &WallFrame) -> Length {
    match design.underside {
        Underside::FlatNailer => wall.thickness(),
        Underside::Bare => Length::ZERO,
    }
}

/// How high a sill is, measured upright at the inside face.
pub fn sill_height(style: SillStyle, wall: &WallFrame) -> Length {
    match style {
        SillStyle::Single => wall.thickness(),
        SillStyle::Double => wall.thickness() * 2,
        SillStyle::Sloped(drop) => {
            along([(Length::ZERO, Length::ZERO), (wall.depth(), drop)], wall.thickness(), wall.sawn)
        }
    }
}

/// The stack of an opening. Heights that do not fit come out negative, so that the sum still holds; the wall plan turns
/// them into findings.
pub fn stack(design: &OpeningDesign, hole: Hole, wall: &WallFrame, bridging: Bridging) -> Stack {
    let mut stack = Stack::default();
    let thickness = wall.thickness();
    if design.sill > Length::ZERO {
        let below = if bridging == Bridging::InBay { StackPart::OpenBelow } else { StackPart::CrippleBelow };
        stack.push(StackPart::SolePlate, thickness.min(design.sill));
        stack.push(below, (design.sill - thickness - sill_height(design.sill_style, wall)).max(Length::ZERO));
        let sill = design.sill - stack.total();
        stack.push(StackPart::Sill, sill);
    } else {
        stack.push(StackPart::FinishFloor, hole.bottom);
    }
    stack.push(StackPart::Opening, hole.size.height);
    let plate = wall.plate_rise_at(design.center);
    let nailer = nailer(design, wall);
    let room = wall.under_plates_at(design.center) - stack.total();
    match (bridging, hangs(design, wall)) {
        (Bridging::Unknown, _) => stack.push(StackPart::CrippleAbove, room),
        (Bridging::Flat | Bridging::InBay, _) => {
            let above = if bridging == Bridging::InBay { StackPart::OpenAbove } else { StackPart::CrippleAbove };
            stack.push(StackPart::FlatHead, thickness);
            stack.push(above, room - thickness);
        }
        (Bridging::Header(depth), HeaderPlace::AtHeadHeight) => {
            stack.push(StackPart::Nailer, nailer);
            stack.push(StackPart::Header, depth);
            stack.push(StackPart::CrippleAbove, room - nailer - depth);
        }
        (Bridging::Header(depth), HeaderPlace::TightToPlates) => {
            tight(&mut stack, room - depth, depth, nailer, thickness);
        }
    }
    stack.push(StackPart::TopPlate, plate);
    if 1 < wall.plates_at(design.center) {
        stack.push(StackPart::SecondTopPlate, plate);
    }
    stack
}

/// Packs the head down from a header tight to the plates: a flat head piece with cripples or a strip over it. A nailer,
/// if wanted, stays under the header only where there is no room for a head piece; else the head piece serves.
fn tight(stack: &mut Stack, packing: Length, depth: Length, nailer: Length, thickness: Length) {
    if packing < thickness {
        stack.push(StackPart::PackingStrip, packing);
    } else if packing == nailer {
        stack.push(StackPart::Nailer, packing);
    } else {
        stack.push(StackPart::HeadPiece, thickness);
        let rest = packing - thickness;
        let filled = if rest < thickness { StackPart::PackingStrip } else { StackPart::PackingCripple };
        stack.push(filled, rest);
    }
    stack.push(StackPart::Header, depth);
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::framing::hole::hole;
    use crate::job::{OpeningKind, Settings, Size, WallHeight};
    use proptest::prelude::*;

    fn design(
        kind: OpeningKind,
        unit: (i64, i64),
        sill: Length,
        place: HeaderPlace,
        underside: Underside,
    ) -> OpeningDesign {
        OpeningDesign {
            center: Length::feet(6),
            sill,
            place,
            underside,
            ..OpeningDesign::usual(kind, Size { width: Length::inches(unit.0), height: Length::inches(unit.1) })
        }
    }

    fn planned(design: &OpeningDesign, wall: &WallFrame, bridging: Bridging) -> Stack {
        stack(design, hole(design, &Settings::default()), wall, bridging)
    }

    #[test]
    fn worked_example() {
        let wall = WallFrame::usual("north");
        let door = design(OpeningKind::Door, (36, 80), Length::ZERO, HeaderPlace::TightToPlates, Underside::Bare);
        let stack = planned(&door, &wall, Bridging::Header(Length::inches_and(9, 1, 4)));
        let heights: Vec<f64> = stack.lines.iter().map(|line| line.height.to_inches()).collect();
        assert_eq!(heights, [82.5, 1.5, 0.875, 9.25, 1.5, 1.5]);
        assert_eq!(stack.total(), Length::inches_and(97, 1, 8));
        assert_eq!(stack.header_seat(), Length::inches_and(84, 7, 8));
    }

    #[test]
    fn a_header_at_head_height_has_cripples_over_it() {
        let wall = WallFrame::usual("north");
        let door = design(OpeningKind::Door, (36, 80), Length::ZERO, HeaderPlace::AtHeadHeight, Underside::FlatNailer);
        let stack = planned(&door, &wall, Bridging::Header(Length::inches_and(5, 1, 2)));
        let parts: Vec<StackPart> = stack.lines.iter().map(|line| line.what).collect();
        use StackPart::{CrippleAbove, Header, Nailer, Opening, SecondTopPlate, TopPlate};
        assert_eq!(parts, [Opening, Nailer, Header, CrippleAbove, TopPlate, SecondTopPlate]);
        assert_eq!(stack.header_seat(), Length::inches_and(82, 1, 2), "the nailer lies on the jacks");
        assert_eq!(stack.part(CrippleAbove).map(|line| line.height), Some(Length::inches_and(4, 5, 8)));
    }

    #[test]
    fn a_sloped_sill_is_thicker_upright_and_the_finish_floor_is_a_layer() {
        let wall = WallFrame::usual("north");
        // 1/2 in. over 3 1/2: 1.5 · √(1 + 1/49) = 1.515, 1 33/64.
        let drop = Length::inches_and(0, 1, 2);
        assert_eq!(sill_height(SillStyle::Sloped(drop), &wall), Length::inches_and(1, 33, 64));
        let door = design(OpeningKind::Door, (36, 80), Length::ZERO, HeaderPlace::TightToPlates, Underside::Bare);
        let settings = Settings { finish_floor: Length::inches_and(0, 3, 4), ..Settings::default() };
        let stack = stack(&door, hole(&door, &settings), &wall, Bridging::Flat);
        assert_eq!((stack.head(), stack.total()), (Length::inches_and(83, 1, 4), wall.height()));
    }

    proptest! {
        #[test]
        fn the_stack_always_adds_up_to_the_wall(
            height in 60_i64..240, unit in 12_i64..100, sill in 0_i64..60, depth in 2_i64..24,
            tight in any::<bool>(), nailer in any::<bool>(), bridging in 0..4,
            style in prop::sample::select(vec![SillStyle::Single, SillStyle::Double, SillStyle::Sloped(Length::inches_and(0, 1, 2))]),
        ) {
            let wall = WallFrame { height: WallHeight::OverPlates(Length::inches_and(height, 1, 8)), ..WallFrame::usual("any") };
            let place = if tight { HeaderPlace::TightToPlates } else { HeaderPlace::AtHeadHeight };
            let underside = if nailer { Underside::FlatNailer } else { Underside::Bare };
            let mut window = design(OpeningKind::Window, (36, unit), Length::inches(sill), place, underside);
            window.sill_style = style;
            let bridging = match bridging {
                0 => Bridging::Header(Length::inches_and(depth, 1, 4)),
                1 => Bridging::Flat,
                2 => Bridging::InBay,
                _ => Bridging::Unknown,
            };
            let stack = planned(&window, &wall, bridging);
            prop_assert_eq!(stack.total(), wall.height());
            for pair in stack.lines.windows(2) {
                prop_assert_eq!(pair[0].from + pair[0].height, pair[1].from);
            }
        }
    }
}
