# Where loads go, and where they break; what goes in as a beam or a post.

break-nothing-under-a-strip = nothing stands under this strip of { $what }; it needs two supports.
break-one-line-under-a-strip = only { $only } stands under this strip of { $what }; it needs two supports.
break-nothing-carries-a-beam = nothing carries { $what }; a beam needs two supports.
break-nothing-carries-a-beam-but-a-ring = nothing carries { $what }; a beam needs two supports (beams that carry each other in a ring do not count).
break-one-carries-a-beam = only { $only } carries { $what }; a beam needs two supports.
break-one-carries-a-beam-but-a-ring = only { $only } carries { $what }; a beam needs two supports (beams that carry each other in a ring do not count).
break-no-line-under = No line that bears stands in line under this length of { $what }.
break-nothing-under-a-point = Nothing that bears stands under this point of { $what }: no line, no post within { $reach }, no pad.
station-opening = { $letter } in { $wall }
station-gable = gable of { $of }
station-slab = slab
station-break = { $what } breaks
station-point = load at one place
pad-too-small = It is { $is } square; { $wanted } are wanted on soil of { $soil }.
pad-enough = It is { $is } square; { $wanted } are enough on soil of { $soil }.
slab-thicker =
    { $count ->
        [one] One point brings more than { $over }: thicken the slab there.
       *[other] { $count } points bring more than { $over }: thicken the slab there.
    }
way-pad-under = Put a pad under it
way-post-under = Put a post under it
way-foundation-under = Put a foundation under it
way-beam-under = Put a beam on { $posts } posts under it
way-beam-between = Put a beam under it, { $span } from line to line
way-wall-over = Move it by { $by } over { $name }
way-opening-over = Move the opening by { $by }, its pack over { $name }
way-posts-under-ends = Put posts under its ends
bears-because = It bears: { $what }.
bears-nothing-lands = Nothing of the house lands on it but itself.
bears-not-a-partition = Marked as a partition: joists and rafters span over it.
bears-seen-otherwise = Somebody saw that it bears: look which is right.
bears-seen-nothing = Somebody saw that nothing lands on it: look which is right.
member-goes-in = { $what } goes in; it works at { $at } in { $check } ({ $combination }).
member-chosen-fails = { $what } was chosen and does not carry: it works at { $at } in { $check } ({ $combination }). Choose another, or put another support under it.
member-nothing-carries = Nothing that was tried carries it; { $what } comes nearest, at { $at } in { $check } ({ $combination }). Put another support under it, or show it to an engineer.
post-of-studs = { $count } of { $lumber }
post-solid = { $lumber }
break-is-the-engineers = { $who } answers for it: { $reason }
bears-by-the-house = It bears: what the house brings lands on it.
solid-floor = At { $at }: solid { $wide } wide, as high as the joists, { $under }.
solid-floor-cut = At { $at }: squash blocks { $wide } wide, cut to { $cut }, { $under }.
solid-floor-as-wide-cut = At { $at }: squash blocks as wide as what stands there, cut to { $cut }, { $under }.
solid-floor-as-wide = At { $at }: solid as wide as what stands there, as high as the joists, { $under }.
solid-under-a-pack = under a pack of { $name }
solid-under-a-post = under { $name }
