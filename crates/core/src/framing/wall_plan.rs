//! A whole wall, planned: every opening, every member, every mark, every finding.

use super::finding::{Finding, SHORTEST_CRIPPLE};
use super::layout::stud_positions_from;
use super::marks::{Mark, marks};
use super::member::{Member, Rect, Role};
use super::opening_plan::{OpeningOutcome, OpeningPlan, plan_opening};
use super::opening_problem::{down_on, points_on};
use super::plates::{Stretch, TopBreaks, anchor_bolts, sole_breaks, top_breaks};
use super::stack::{StackLine, StackPart};
use crate::job::{Job, OpeningId, OpeningKind, TWO_BY, Wall, WallEnd};
use crate::loads::TakeDown;
use crate::measure::{End, Length};
use crate::sizing::problem::JackSeat;
use crate::sizing::schools::School;

/// A planned wall.
#[derive(Clone, Debug, PartialEq)]
pub struct WallPlan {
    /// What comes down on it.
    pub take_down: TakeDown,
    /// Its openings, from left to right.
    pub openings: Vec<OpeningPlan>,
    /// Its members.
    pub members: Vec<Member>,
    /// The marks on its plates, from left to right.
    pub marks: Vec<Mark>,
    /// Anchor bolts in the sole plate, from the wall's left end.
    pub bolts: Vec<Length>,
    /// Whether the top plates could not be broken by the rules; nobody knows the place then.
    pub breaks_missing: bool,
    /// What is wrong or worth knowing.
    pub findings: Vec<Finding>,
}

/// Plans a wall of a job.
pub fn plan_wall(job: &Job, wall: &Wall) -> WallPlan {
    let take_down = down_on(job, wall);
    let mut openings: Vec<OpeningPlan> =
        wall.openings.iter().map(|opening| plan_opening(job, wall, &take_down, opening)).collect();
    openings.sort_by_key(|plan| (plan.left(), plan.id));
    let breaks = plate_breaks(wall, &openings);
    let members = members(wall, &take_down, &openings, breaks.as_ref());
    WallPlan {
        bolts: bolts(wall, &members),
        breaks_missing: breaks.is_none(),
        marks: marks(&members, wall.frame.under_top_plates()),
        findings: findings(wall, &openings),
        take_down,
        members,
        openings,
    }
}

/// Studs of the blank wall.
fn blank_layout(wall: &Wall) -> Vec<Length> {
    stud_positions_from(wall.frame.framing.layout_from, wall.frame.length, wall.frame.spacing)
}

fn plate_breaks(wall: &Wall, openings: &[OpeningPlan]) -> Option<TopBreaks> {
    let options = &wall.frame.framing;
    let over: Vec<Stretch> =
        openings.iter().map(|plan| (plan.pack_edge(End::Left), plan.pack_edge(End::Right))).collect();
    top_breaks(wall.frame.length, options.plate_stock, options.breaks_apart, &blank_layout(wall), &over)
}

/// Anchor bolts of a wall on concrete, clear of what stands on the plate.
fn bolts(wall: &Wall, members: &[Member]) -> Vec<Length> {
    let Some(spacing) = wall.frame.framing.bolts else { return Vec::new() };
    let stretch = |member: &Member| (member.rect.x, member.rect.right());
    let of = |role: Role| members.iter().filter(move |member| member.role == role).map(stretch);
    let pieces: Vec<Stretch> = of(Role::SolePlate).collect();
    let standing = |member: &&Member| member.role.stands() && member.rect.y == TWO_BY;
    let uprights: Vec<Stretch> = members.iter().filter(standing).map(stretch).collect();
    anchor_bolts(&pieces, spacing, &uprights)
}

fn members(wall: &Wall, down: &TakeDown, openings: &[OpeningPlan], breaks: Option<&TopBreaks>) -> Vec<Member> {
    let mut builder = Builder { wall, members: Vec::new() };
    builder.plates(openings, breaks);
    for plan in openings {
        builder.packs(plan);
        builder.header_posts(plan);
        builder.bridging(plan);
        builder.sill(plan);
    }
    let layout = blank_layout(wall);
    for plan in openings {
        builder.cripples(plan, &layout);
    }
    builder.corners(openings);
    builder.partitions(openings);
    builder.point_load_studs(down, openings);
    builder.layout_studs(openings, &layout);
    builder.members
}

struct Builder<'a> {
    wall: &'a Wall,
    members: Vec<Member>,
}

impl Builder<'_> {
    fn push(&mut self, role: Role, opening: Option<OpeningId>, rect: Rect) {
        let cut = if role.stands() { rect.height } else { rect.width };
        let stock = self.stud_stock();
        self.members.push(Member { role, opening, rect, cut, plies: 1, stock });
    }

    fn stud_stock(&self) -> String {
        self.wall.frame.stud.name()
    }

    /// An upright member of one stud's thickness; nothing if it has no height.
    fn upright(&mut self, role: Role, opening: Option<OpeningId>, x: Length, from: Length, to: Length) {
        if from < to {
            self.push(role, opening, Rect { x, y: from, width: TWO_BY, height: to - from });
        }
    }

    fn plates(&mut self, openings: &[OpeningPlan], breaks: Option<&TopBreaks>) {
        let length = self.wall.frame.length;
        let top = self.wall.frame.under_top_plates();
        let none = TopBreaks::default();
        let TopBreaks { lower, upper } = breaks.unwrap_or(&none);
        self.plate(Role::TopPlate, None, (Length::ZERO, length), top, lower);
        self.plate(Role::SecondTopPlate, None, (Length::ZERO, length), top + TWO_BY, upper);
        let doors: Vec<(OpeningId, Stretch)> = openings
            .iter()
            .filter(|plan| plan.design.sill < TWO_BY)
            .map(|plan| (plan.id, (plan.left().max(Length::ZERO), plan.right().min(length))))
            .collect();
        let cut_outs: Vec<Stretch> = doors.iter().map(|(_, stretch)| *stretch).collect();
        let breaks = sole_breaks(length, self.wall.frame.framing.plate_stock, &blank_layout(self.wall), &cut_outs);
        let mut start = Length::ZERO;
        for (opening, (left, right)) in doors {
            let left = left.max(start);
            if right <= left {
                continue;
            }
            self.plate(Role::SolePlate, None, (start, left), Length::ZERO, &breaks);
            self.plate(Role::SolePlateCutLast, Some(opening), (left, right), Length::ZERO, &[]);
            start = right;
        }
        self.plate(Role::SolePlate, None, (start, length), Length::ZERO, &breaks);
    }

    /// A plate from one place to another, in pieces between its breaks.
    fn plate(&mut self, role: Role, opening: Option<OpeningId>, (from, to): Stretch, y: Length, breaks: &[Length]) {
        let inside = breaks.iter().copied().filter(|at| from < *at && *at < to);
        let edges: Vec<Length> = std::iter::once(from).chain(inside).chain([to]).collect();
        for pair in edges.windows(2).filter(|pair| pair[0] < pair[1]) {
            self.push(role, opening, Rect { x: pair[0], y, width: pair[1] - pair[0], height: TWO_BY });
        }
    }

    /// The studs of the corners besides the end studs, which are the layout's.
    fn corners(&mut self, openings: &[OpeningPlan]) {
        for (end, from_end) in [(End::Left, false), (End::Right, true)] {
            for offset in corner_studs(*self.wall.frame.framing.ends.at(end)) {
                let x = if from_end { self.wall.frame.length - *offset - TWO_BY } else { *offset };
                self.clear_upright(Role::CornerStud, x, TWO_BY, openings);
            }
        }
    }

    /// A channel for every crossing wall: a stud each side of a flat one as wide as the crossing wall's studs.
    fn partitions(&mut self, openings: &[OpeningPlan]) {
        for partition in &self.wall.frame.framing.partitions {
            let width = partition.depth.actual();
            let left = partition.at - width.half();
            self.clear_upright(Role::PartitionStud, left - TWO_BY, TWO_BY, openings);
            self.clear_upright(Role::PartitionBacker, left, width, openings);
            self.clear_upright(Role::PartitionStud, left + width, TWO_BY, openings);
        }
    }

    /// A full-height upright, unless an opening or its pack stands there: then a finding says so.
    fn clear_upright(&mut self, role: Role, x: Length, width: Length, openings: &[OpeningPlan]) {
        let rect = Rect { x, y: TWO_BY, width, height: self.wall.frame.under_top_plates() - TWO_BY };
        let in_opening =
            openings.iter().any(|plan| x < plan.pack_edge(End::Right) && plan.pack_edge(End::Left) < rect.right());
        let on_wall = Length::ZERO <= x && rect.right() <= self.wall.frame.length;
        let taken = self.members.iter().any(|member| member.rect.overlaps(&rect));
        if on_wall && !in_opening && !taken {
            self.push(role, None, rect);
        }
    }

    fn packs(&mut self, plan: &OpeningPlan) {
        let top = self.wall.frame.under_top_plates();
        let seat = plan.stack.header_seat().min(top);
        for end in End::BOTH {
            // Under a header that runs on past its pack, the kings stand under it too.
            let king_top = if plan.design.run.past.at(end).is_some() { seat } else { top };
            let mut place = |index: u8, role, to| {
                let out = TWO_BY * i64::from(index);
                let x = match end {
                    End::Left => plan.left() - out - TWO_BY,
                    End::Right => plan.right() + out,
                };
                self.upright(role, Some(plan.id), x, TWO_BY, to);
            };
            let jacks = *plan.jacks.at(end);
            for index in 0..jacks {
                place(index, Role::Jack, seat);
            }
            for index in jacks..jacks + plan.kings.at(end).framed() {
                place(index, Role::King, king_top);
            }
        }
    }

    /// Studs under a header besides its packs: posts in the opening, and under its far end on a return.
    fn header_posts(&mut self, plan: &OpeningPlan) {
        let OpeningOutcome::Header(sized) = &plan.outcome else { return };
        let seat = plan.stack.header_seat().min(self.wall.frame.under_top_plates());
        for post in &sized.problem.run.posts {
            let first = plan.left() + post.at - TWO_BY.half() * i64::from(post.studs);
            for index in 0..post.studs {
                self.upright(Role::HeaderPost, Some(plan.id), first + TWO_BY * i64::from(index), TWO_BY, seat);
            }
        }
    }

    /// The layers of the stack over the opening that lie flat: header, nailer, packing.
    fn bridging(&mut self, plan: &OpeningPlan) {
        let over_jacks = plan.left() - TWO_BY * i64::from(plan.jacks.left);
        let on_jacks = plan.rough.width + TWO_BY * i64::from(plan.jacks.left + plan.jacks.right);
        for line in &plan.stack.lines {
            let (role, x, width) = match line.what {
                StackPart::Header => (Role::Header, plan.header_left(), plan.header_length()),
                StackPart::FlatHead => (Role::FlatHead, over_jacks, on_jacks),
                StackPart::Nailer => (Role::Nailer, over_jacks, on_jacks),
                StackPart::HeadPiece => (Role::HeadPacking, plan.left(), plan.rough.width),
                StackPart::PackingStrip if self.strip_is_under_head_piece(plan, line) => {
                    (Role::HeadPacking, plan.left(), plan.rough.width)
                }
                _ => continue,
            };
            if line.height <= Length::ZERO {
                continue;
            }
            let (stock, plies) = match (role, plan.header()) {
                (Role::Header, Some(header)) => (header.board.name(), header.plies),
                _ => (self.stud_stock(), 1),
            };
            let rect = Rect { x, y: line.from, width, height: line.height };
            self.members.push(Member { role, opening: Some(plan.id), rect, cut: width, plies, stock });
        }
    }

    /// A strip lies between the jacks: they run past it to the header.
    fn strip_is_under_head_piece(&self, plan: &OpeningPlan, line: &StackLine) -> bool {
        plan.stack.head() <= line.from
    }

    fn sill(&mut self, plan: &OpeningPlan) {
        if let Some(line) = plan.stack.part(StackPart::Sill) {
            let rect = Rect { x: plan.left(), y: line.from, width: plan.rough.width, height: line.height };
            self.push(Role::Sill, Some(plan.id), rect);
        }
    }

    fn cripples(&mut self, plan: &OpeningPlan, layout: &[Length]) {
        let bridged = (plan.header_left(), plan.header_left() + plan.header_length());
        let opening = (plan.left(), plan.right());
        for line in plan.stack.lines.clone() {
            let (role, (from, to)) = match line.what {
                StackPart::CrippleBelow => (Role::CrippleBelow, opening),
                StackPart::PackingCripple => (Role::CrippleAbove, opening),
                StackPart::CrippleAbove if matches!(plan.outcome, OpeningOutcome::Outside(_)) => continue,
                StackPart::CrippleAbove => (Role::CrippleAbove, bridged),
                _ => continue,
            };
            if line.height < SHORTEST_CRIPPLE {
                continue;
            }
            for x in cripple_positions(from, to, layout) {
                self.upright(role, Some(plan.id), x, line.from, line.from + line.height);
            }
        }
    }

    /// Two studs under a point load that neither a header nor a pack takes.
    fn point_load_studs(&mut self, down: &TakeDown, openings: &[OpeningPlan]) {
        let top = self.wall.frame.under_top_plates();
        let last = self.wall.frame.length - TWO_BY;
        for (at, _) in points_on(self.wall, down) {
            let taken = |plan: &OpeningPlan| plan.pack_edge(End::Left) <= at && at <= plan.pack_edge(End::Right);
            if openings.iter().any(taken) {
                continue;
            }
            for x in [at - TWO_BY, at] {
                let x = x.max(Length::ZERO).min(last);
                let rect = Rect { x, y: TWO_BY, width: TWO_BY, height: top - TWO_BY };
                if !self.members.iter().any(|member| member.role.stands() && member.rect.overlaps(&rect)) {
                    self.upright(Role::PointLoadStud, None, x, TWO_BY, top);
                }
            }
        }
    }

    /// Studs of the blank wall that no opening, pack or point load has taken the place of.
    fn layout_studs(&mut self, openings: &[OpeningPlan], layout: &[Length]) {
        let top = self.wall.frame.under_top_plates();
        for x in layout {
            let rect = Rect { x: *x, y: TWO_BY, width: TWO_BY, height: top - TWO_BY };
            let in_opening =
                openings.iter().any(|plan| *x < plan.pack_edge(End::Right) && plan.pack_edge(End::Left) < rect.right());
            let taken =
                |member: &Member| (member.role.stands() || member.role == Role::Header) && member.rect.overlaps(&rect);
            if !in_opening && !self.members.iter().any(taken) {
                self.upright(Role::Stud, None, *x, TWO_BY, top);
            }
        }
    }
}

/// Offsets of a corner's studs from the wall's end, besides the end stud itself.
const fn corner_studs(end: WallEnd) -> &'static [Length] {
    const THREE: [Length; 2] = [TWO_BY, Length::inches(3)];
    const TWO: [Length; 1] = [Length::inches(3)];
    match end {
        WallEnd::Plain => &[],
        WallEnd::ThreeStudCorner => &THREE,
        WallEnd::TwoStudCorner => &TWO,
    }
}

/// How far a corner's studs reach into the wall.
fn corner_reach(end: WallEnd) -> Length {
    corner_studs(end).last().map_or(TWO_BY, |offset| *offset + TWO_BY)
}

/// Crossing walls and corners that an opening's pack runs into.
fn neighbor_findings(findings: &mut Vec<Finding>, wall: &Wall, plan: &OpeningPlan) {
    let options = &wall.frame.framing;
    let (left, right) = (plan.pack_edge(End::Left), plan.pack_edge(End::Right));
    for partition in &options.partitions {
        let half = partition.depth.actual().half() + TWO_BY;
        let (from, to) = (partition.at - half, partition.at + half);
        if from < right && left < to {
            let by = (to - left).min(right - from);
            findings.push(Finding::PartitionInTheWay { opening: plan.id, at: partition.at, by });
        }
    }
    let gaps = [(End::Left, left), (End::Right, wall.frame.length - right)];
    for (end, gap) in gaps {
        let by = corner_reach(*options.ends.at(end)) - gap;
        if *options.ends.at(end) != WallEnd::Plain && Length::ZERO <= gap && Length::ZERO < by {
            findings.push(Finding::PackInCorner { opening: plan.id, end, by });
        }
    }
}

/// Cripples between two faces: one at each, and the layout's in between that do not touch those.
fn cripple_positions(from: Length, to: Length, layout: &[Length]) -> Vec<Length> {
    if to - from < TWO_BY * 2 {
        return vec![from];
    }
    let (first, last) = (from, to - TWO_BY);
    let mut positions = vec![first];
    positions.extend(layout.iter().copied().filter(|x| first + TWO_BY <= *x && *x + TWO_BY <= last));
    positions.push(last);
    positions
}

fn findings(wall: &Wall, openings: &[OpeningPlan]) -> Vec<Finding> {
    let mut findings = Vec::new();
    for (index, plan) in openings.iter().enumerate() {
        place_findings(&mut findings, wall, plan);
        if let Some(next) = openings.get(index + 1) {
            let by = plan.pack_edge(End::Right) - next.pack_edge(End::Left);
            if Length::ZERO < by {
                findings.push(Finding::PacksOverlap { opening: plan.id, by });
            }
        }
        stack_findings(&mut findings, plan);
        count_findings(&mut findings, plan);
        header_findings(&mut findings, plan);
        short_returns(&mut findings, wall, plan);
        neighbor_findings(&mut findings, wall, plan);
    }
    findings
}

fn place_findings(findings: &mut Vec<Finding>, wall: &Wall, plan: &OpeningPlan) {
    let past = [(End::Left, -plan.pack_edge(End::Left)), (End::Right, plan.pack_edge(End::Right) - wall.frame.length)];
    for (end, by) in past {
        if Length::ZERO < by {
            findings.push(Finding::PastTheEnd { opening: plan.id, end, by });
        }
    }
}

fn stack_findings(findings: &mut Vec<Finding>, plan: &OpeningPlan) {
    let opening = plan.id;
    for line in &plan.stack.lines {
        match line.what {
            StackPart::CrippleAbove | StackPart::PackingStrip if line.height < Length::ZERO => {
                let by = -line.height;
                findings.push(if matches!(plan.outcome, OpeningOutcome::Header(_)) {
                    Finding::HeaderTooDeep { opening, by }
                } else {
                    Finding::OpeningTooTall { opening, by }
                });
            }
            StackPart::CrippleAbove if line.height < SHORTEST_CRIPPLE => {
                findings.push(Finding::CrippleTooShort { opening, length: line.height });
            }
            _ => {}
        }
    }
}

fn count_findings(findings: &mut Vec<Finding>, plan: &OpeningPlan) {
    let opening = plan.id;
    for end in End::BOTH {
        let kings = plan.kings.at(end);
        match (&kings.decided, kings.needed()) {
            (Some(decided), Some(needed)) if decided.count < needed => {
                let decided = decided.count;
                findings.push(Finding::FewerThanNeeded { opening, end, what: "kings", decided, needed });
            }
            (None, None) if end == End::Left => findings.push(Finding::NoKingCount { opening }),
            _ => {}
        }
        let OpeningOutcome::Header(sized) = &plan.outcome else { continue };
        let framed = *plan.jacks.at(end);
        let Some(needed) = sized.evaluation.packs.at(end).needed else { continue };
        if framed < needed && plan.decided_jacks.at(end).is_some() {
            findings.push(Finding::FewerThanNeeded { opening, end, what: "jacks", decided: framed, needed });
        }
        let rules = [sized.shop_rule, sized.code_jacks.filter(|_| sized.school == School::CodeTable)];
        let rule = rules.into_iter().flatten().filter_map(|count| count.count).max().unwrap_or(0);
        if needed < rule && plan.decided_jacks.at(end).is_none() {
            findings.push(Finding::RuleAsksForMore { opening, end, rule, arithmetic: needed });
        }
    }
}

/// What the sized header itself gives rise to.
fn header_findings(findings: &mut Vec<Finding>, plan: &OpeningPlan) {
    let opening = plan.id;
    let OpeningOutcome::Header(sized) = &plan.outcome else { return };
    if sized.only_the_code_accepts() {
        findings.push(Finding::CalculationDisagrees { opening });
    }
    if sized.assumed_grade {
        findings.push(Finding::GradeAssumed { opening });
    }
    if sized.evaluation.uplift >= 1.0 {
        findings.push(Finding::Uplift { opening, pounds: sized.evaluation.uplift.ceil() as u32 });
    }
    let left = sized.problem.wall_depth - sized.evaluation.header.section().width;
    if plan.design.seat == JackSeat::Notched && left < SHORTEST_CRIPPLE {
        findings.push(Finding::DeepNotch { opening, left: left.max(Length::ZERO) });
    }
}

/// A wall shorter than this beside an overhead door is a narrow one for bracing: 4 ft (IRC 2021 R602.10, from memory).
const FULL_BRACING_PANEL: Length = Length::feet(4);

fn short_returns(findings: &mut Vec<Finding>, wall: &Wall, plan: &OpeningPlan) {
    if plan.design.kind != OpeningKind::OverheadDoor {
        return;
    }
    for (end, length) in [(End::Left, plan.left()), (End::Right, wall.frame.length - plan.right())] {
        if Length::ZERO <= length && length < FULL_BRACING_PANEL {
            findings.push(Finding::ShortReturn { opening: plan.id, end, length });
        }
    }
}

#[cfg(test)]
mod tests;
