# Where loads go, and where they break.

break-nothing-under-a-strip = nothing stands under this strip of { $what }; it needs two supports.
break-one-line-under-a-strip = only { $only } stands under this strip of { $what }; it needs two supports.
break-nothing-carries-a-beam = nothing carries { $what }; a beam needs two supports.
break-nothing-carries-a-beam-but-a-ring = nothing carries { $what }; a beam needs two supports (beams that carry each other in a ring do not count).
break-one-carries-a-beam = only { $only } carries { $what }; a beam needs two supports.
break-one-carries-a-beam-but-a-ring = only { $only } carries { $what }; a beam needs two supports (beams that carry each other in a ring do not count).
break-no-line-under = No line that bears stands in line under this length of { $what }.
break-nothing-under-a-point = Nothing that bears stands under this point of { $what }: no line, no post within { $reach }, no pad.
step-moment-over-a-support = Moment over a support
step-share-of-a-support = What a support takes
step-area-of-the-pad = Area of the pad
step-side-of-the-pad = Side of the pad
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

# A house, said in a line.

said-house = A house of { $wide } by { $deep }, outside to outside.
said-house-storeys =
    { $count ->
        [one] One storey.
       *[other] { $count } storeys.
    }
said-house-slab = On a slab.
said-house-middle-wall = A bearing wall along it, { $at } from the front or the left.
said-house-joists-across = Floor joists over the short side.
said-house-joists-along = Floor joists over the long side.
said-house-joists-deep = Floor joists { $depth } deep.
said-house-trusses = Trusses.
said-house-rafters-lapped = Rafters on a ridge board, ceiling joists lapped on what stands between.
said-house-rafters-through = Rafters on a ridge board, ceiling joists through.
said-house-girder = A girder { $at } from the front or the left, on { $posts } posts.
said-house-porch = A porch { $deep } deep at the { $side }.
side-front = front
side-back = back
side-left = left side
side-right = right side
house-nothing-said = Say the house: house, its size, its storeys.
house-too-long = That is more than is read at once; { $most } letters are.
house-unknown-word = “{ $said }” is not understood. Say house, storeys, middle wall, joists, trusses, rafters, ridge beam, girder, porch, deck or slab; or a wall, a colon and its openings.
house-word-left = “{ $word }” in “{ $said }” is not understood.
house-size-wanted = A house is said with its size, width by depth.
house-storeys = One to { $most } storeys are followed.
house-heights = There are { $count } storeys and { $given } heights.
house-fewer-storeys = The house has { $count } storeys; take walls out by themselves.
house-posts = A girder stands on two to twelve posts.
house-which-way = Joists run across or along, or are so deep: joists across, joists 2x10.
house-rise = “{ $said }” is no slope: say the rise in twelve.
house-length-wanted = “{ $said }” wants a length.
house-no-length = “{ $said }” is no length.
house-there-already = There is a house already; say what is to be added to it.
house-first = Say the house first, with its size.
house-outside = { $at } is not within the house; it is { $most } there.

# Ways out of a break.

way-pad-under = Put a pad under it
way-post-under = Put a post under it
way-foundation-under = Put a foundation under it
way-beam-under = Put a beam on { $posts } posts under it
way-beam-between = Put a beam under it, { $span } from line to line
way-wall-over = Move it by { $by } over { $name }
way-opening-over = Move the opening by { $by }, its pack over { $name }
way-posts-under-ends = Put posts under its ends

# Why a wall bears.

bears-because = It bears: { $what }.
bears-nothing-lands = Nothing of the house lands on it but itself.
bears-not-a-partition = Marked as a partition: joists and rafters span over it.
bears-seen-otherwise = Somebody saw that it bears: look which is right.
bears-seen-nothing = Somebody saw that nothing lands on it: look which is right.

# Beams and posts of the house.

member-goes-in = { $what } goes in; it works at { $at } in { $check } ({ $combination }).
member-chosen-fails = { $what } was chosen and does not carry: it works at { $at } in { $check } ({ $combination }). Choose another, or put another support under it.
member-nothing-carries = Nothing that was tried carries it; { $what } comes nearest, at { $at } in { $check } ({ $combination }). Put another support under it, or show it to an engineer.
post-of-studs = { $count } of { $lumber }
post-solid = { $lumber }
a-place = { $at }
title-beam = { $beam }
title-piece = From { $from } to { $to }
title-on-its-supports = What it presses its supports with
title-post = { $post }
note-piece-supports = On supports at { $supports }, from center to center.
note-beam-bears-at = Where it lies on a wall, { $at } from its start.
note-beam-presses = At { $at }: { $loads }; at most { $force } ({ $combination }).
note-post-takes = It takes { $loads } and is { $height } long.
note-post-by-its-shorter-side = By its shorter side, which is the more slender way.
step-the-post-carries-as-a-column = The post carries as a column
break-is-the-engineers = { $who } answers for it: { $reason }
bears-by-the-house = It bears: what the house brings lands on it.
solid-floor = At { $at }: solid { $wide } wide, as high as the joists, { $under }.
solid-floor-cut = At { $at }: squash blocks { $wide } wide, cut to { $cut }, { $under }.
solid-floor-as-wide-cut = At { $at }: squash blocks as wide as what stands there, cut to { $cut }, { $under }.
solid-floor-as-wide = At { $at }: solid as wide as what stands there, as high as the joists, { $under }.
solid-under-a-pack = under a pack of { $name }
solid-under-a-post = under { $name }
said-house-deck = A deck { $deep } deep at the { $side }, as high as the floor over the lowest storey.
said-house-ridge-beam = Rafters on a ridge beam, on { $posts } posts.
said-house-openings = { $wall }: { $said }
house-hips-are-outside = Hips and valleys are outside what is followed: their rafters lean on one another, and how the load is shared the drawings say. Put its beams and posts in as such, or take it to an engineer.
house-dormers-by-their-girders = A dormer is put in by its girders: say them as beams, with what they carry on the walls they end on.
house-deck-wants-two-storeys = A deck is as high as the floor over the lowest storey: the house needs a second one.
house-no-such-wall = No wall of the house is called “{ $called }”.
house-openings-only = Only openings are said of { $called } here; its length and height are the wall's own.
note-beam-is-held = What lies on it holds its top edge all along.
note-beam-is-free = Nothing holds its top edge: it is free over its longest span.
note-beam-is-dry = Taken as dry, and its shear at the supports.
title-house-field = What { $name } of the house brings over this opening
note-strip-over = One foot of it lies on supports at { $supports }.
note-load-on-a-strip = A load of one along it, from { $from } to { $to }:
step-what-it-brings-here = What that brings to this wall
