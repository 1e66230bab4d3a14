# A house, said in a line: it is read in English, and so it is answered.

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
said-house-deck = A deck { $deep } deep at the { $side }, as high as the floor over the lowest storey.
said-house-ridge-beam = Rafters on a ridge beam, on { $posts } posts.
said-house-openings = { $wall }: { $said }
house-hips-are-outside = Hips and valleys are outside what is followed: their rafters lean on one another, and how the load is shared the drawings say. Put its beams and posts in as such, or take it to an engineer.
house-dormers-by-their-girders = A dormer is put in by its girders: say them as beams, with what they carry on the walls they end on.
house-deck-wants-two-storeys = A deck is as high as the floor over the lowest storey: the house needs a second one.
house-no-such-wall = No wall of the house is called “{ $called }”.
house-openings-only = Only openings are said of { $called } here; its length and height are the wall's own.
