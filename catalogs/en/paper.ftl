paper-page-of = page { $page } of { $of }
paper-permit = permit { $permit }
paper-answers-for-it = answers for it: { $who }
paper-version-of = version { $version } of { $date }
paper-printed-on = from a file, printed { $date }
paper-code = adopted code: { $code }
paper-no-code-said = adopted code: not said
paper-caution = A worked-out sheet, not a stamped drawing. The adopted code, the drawings and a licensed designer's word go before it; what is outside its limits has no number here. Measure again on the site before cutting, and shore before opening a wall that bears.
paper-wall-sheet-of = Wall sheet: { $wall }
paper-plates-of = Plates and story pole: { $wall }
paper-cut-list-of = Cut list: { $wall }
paper-calculation-of = Calculation: { $opening }, { $wall }
paper-opening = { $letter }, { $kind }
paper-wall-facts = { $length } long, { $height } over the plates, { $studs } at { $spacing } on center.
paper-wall-size = { $length } long, { $height } over the plates.
paper-marks-run-from-the-left = One tape from the wall's left end, to the left edge of each piece. Mark the edge and put the letter on the side where the piece stands.
paper-drawing-of-the-wall = The wall { $wall } from { $from } to { $to }, with openings { $openings }, loads on the top plates, marks along the sole plate and the pole.
paper-drawing-of-the-loads = The header over opening { $letter } as a beam: its loads, its supports and what its packs carry.
paper-drawing-of-the-roof = The roof in section, with the width that leans on this wall.
paper-rough = { $width } × { $height }
paper-cut = cut { $cut }
paper-tape-mark = { $mark } { $at }
paper-pole-heading = Pole, undersides
paper-pole-mark = { $at } { $what }, { $letters }
paper-point-loads = point loads on the top plates
paper-arrow = arrow
paper-where-on-the-wall = at
paper-how-much = how much
paper-point-at = { $loads } at { $at }
paper-growing-load = growing from { $start } to { $end }
paper-pack-carries = pack carries { $load }
paper-opening-and-span = opening { $opening }, span { $span }
paper-leans-on-the-wall = { $width } leans on this wall
paper-rise-in-twelve = { $rise } in 12
paper-this-wall-is-dark = The dark wall is this one.
paper-to-look-at = to look at
paper-found-at = { $letter }: { $found }
paper-verdict = { $verdict }. { $sentence }
paper-header-cut = { $header }, cut { $cut }
paper-pack-at = { $end } end
paper-pack = { $jacks ->
    [one] 1 { -jack }
   *[other] { $jacks } { -jacks }
}, { $kings ->
    [one] 1 { -king }
   *[other] { $kings } { -kings }
}
paper-pack-because = { $jacks ->
    [one] 1 { -jack }
   *[other] { $jacks } { -jacks }
}, { $kings ->
    [one] 1 { -king }
   *[other] { $kings } { -kings }
} ({ $because })
paper-rough-opening = rough opening
paper-where-it-stands = where it stands
paper-from-the-left-end = left face { $left }, center { $center }, right face { $right } from the wall's left end
paper-heights = heights
paper-sill-and-head = bottom { $bottom }, head { $head } over the subfloor
paper-how-many = pieces
paper-cut-to = cut to
paper-what-for = for
paper-cut-from = of
paper-openings = openings
paper-so-many-of = { $count } { $what }
paper-length-at-an-angle = { $length }, saw at { $degrees }°
paper-cut-list-runs = Equal lengths of one stock stand together, the longest first. Lengths are at the longest side of the piece.
paper-not-in-the-list = Opening { $letter } is not in the list: { $why }.
paper-marks = marks on the plates
paper-on-the-sole-plate = { -sole-plate }
paper-on-the-top-plates = top plates
paper-read-along-the-slope = Read along the slope, from the low end of the straight run that begins at the left.
paper-mark = mark
paper-opening-column = opening
paper-pieces-of-the-plates = pieces of the plates
paper-piece-from = { $cut } from { $from }
paper-anchor-bolts = anchor bolts at
paper-pole-of = story pole, { $opening }
paper-layer = layer
paper-from-the-subfloor = from the subfloor
paper-how-high = height
paper-nailing-of-the-wall = nailing of the wall
paper-joint = joint
paper-nails = nails
paper-source = source
paper-loads-on-the-header = loads on the { -header }
paper-how-hard-it-works = how hard it works
paper-check = check
paper-demand = demand
paper-capacity = capacity
paper-how-hard = of its capacity
paper-combination = combination
paper-clause = clause
paper-needs-jacks = needs { $needed ->
    [one] 1 { -jack }
   *[other] { $needed } { -jacks }
}
paper-no-number-is-enough = no number is enough
paper-worked-out-by = Worked out by, date
paper-looked-over-by = Looked over by, date
paper-roofs-in-section = roofs in section
paper-where-loads-come-from = where the loads come from
paper-what-brings-it = what brings it
paper-kind = kind
paper-pressure = pressure
paper-width = width
paper-on-the-wall = on the wall
paper-the-sole-plate-runs-through = The { -sole-plate } runs through doorways until the wall stands; cut it there last.

paper-member = { $name }
paper-goes-in = Goes in
paper-member-cut = Cut to
paper-lies-on = Lies on
paper-on-a-post = a post at { $at }, with { $force }
paper-on-a-wall = a wall at { $at }, with { $force }
paper-in-a-hanger = a hanger at { $at } that holds { $force }: by its maker's tables
paper-lifted = Lifted
paper-lifted-with = an end is lifted with { $force }: tie it down by the drawings
paper-as-high-as = As long as
paper-stands-on = Stands on
paper-stands-on-wood = wood
paper-stands-on-concrete = concrete, by a base: by its maker's tables
paper-what-else-was-tried = What was tried
paper-tried = Beam or post
paper-hardest-in = Works hardest in
paper-solid-floors = Between this wall and the floor above: squash blocks
paper-pole-let-down = { $at } let-down top
paper-let-down = Plates let down
paper-let-down-is = from { $from } to { $to }, { $top } over them, studs { $stud }
paper-backing-is = { $name }: { $board } from { $from } to { $to }, middle at { $height }
