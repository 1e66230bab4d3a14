# The steps of opening a wall, in their order, and what holds them up.

order-permit = The permit is here, and the drawing where one is wanted.
order-services = Power, water and gas in the wall are found and off.
order-survey = The survey is written: what lands on the wall on both sides, lapped or through, what stands above and below, what is out of level.
order-floors-cleared = The floors above are cleared: nobody and nothing on them until the end.
order-beam-in = The beam is in the room. It does not come in between the temporary walls afterwards.
order-temporary-below = Under the temporary walls, storey by storey to the ground, each exactly under the other; a hole drilled through the floor marks the place.
order-temporary-stand = The temporary walls stand, below first, then above.
order-snug = Joists snug on the temporary walls, not lifted.
order-take-down = The wall is taken down.
order-path-checked = Packs and load path below the new { -jacks } are checked to the ground.
order-cut-beam = Measured at the floor; the beam is cut.
order-raise-beam = The beam is raised. Nobody stands under it.
order-shim-and-fasten = Shims between beam and joists, nothing forced; everything fastened.
order-load-on-beam = The load comes onto the beam: the temporary walls are eased in steps, from the top down.
order-temporary-away = The temporary walls are away, from the top down.
order-sag = The sag is measured, and again after some days.
order-sole-plate = The sole plate in the doorway is cut, last of all.
order-added-by = added by { $who }
order-void-no-live = Nothing but a ceiling lies on it: no floor to clear.
order-void-in-use = The temporary walls are reckoned with the floors in use.
order-void-slab = They stand on the slab: nothing goes below it.
order-void-no-doorway = No doorway is made: the sole plate stays.
order-survey-joists =
    { $pieces ->
        [one] Joists in one piece over { $lines } lines.
       *[other] Joists in { $pieces } pieces over { $lines } lines.
    }
order-temporary-at = { $off } from the wall that stays at { $line }, middle to middle.
order-no-number = What they carry has no number here: no wall comes down before an engineer says how.
order-studs =
    { $plies ->
        [one] Single studs
       *[other] { $plies } studs nailed to one another
    }, { $rows ->
        [0] nothing between them
        [one] a row of { -blocking }
       *[other] { $rows } rows of { -blocking }
    }.
order-no-opening = No opening is planned in this wall: the beam goes in as it is drawn.
order-beam =
    { $letter }: { $header }, { $length }, { $weight }; { $count ->
        [one] one carries it
       *[other] { $count } carry it
    }.
order-no-beam = { $letter }: { $why }
order-cut = { $letter }: { $length } as planned; the tape decides.
order-lift = { $letter }: { $weight }. { $hands }
order-jacks = { $letter }: inner faces at { $left } and { $right } of the wall.
order-path-goes-on = As the house is described, every load from here goes on to the ground.
order-path-breaks =
    { $count ->
        [one] As the house is described, one load from here or below has nothing to go on to: put that right first.
       *[other] As the house is described, { $count } loads from here or below have nothing to go on to: put that right first.
    }
order-below-at = On { $storey }: { $off } from the middle of { $wall }.
beam-in-turns = One ply turns through the door: up to { $longest } do.
beam-in-straight = It does not turn through the door, where { $longest } is the longest: straight in it goes.
beam-in-does-not-turn = { $length } does not turn through the door: { $longest } is the longest. Another way in, or more pieces as the engineer says.
beam-in-lies = Along the wall there is room for it.
beam-in-does-not-lie = { $length } does not lie along the wall: there are { $room }.
order-above = Above it stands { $wall }, { $off } off its line.
order-below = Below it stands { $wall }, { $off } off its line.
order-nothing-above = No wall stands above it along its line.
order-nothing-below = No wall stands below it along its line.
order-header = Two { $size } on edge over them, the studs { $apart } apart.
order-on-storey = On { $storey }: { $words }
