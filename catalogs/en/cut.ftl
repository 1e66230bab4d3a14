# What is cut and built apart, and the sticks that it is cut from.

pack-opening-end = { $letter } { $end }
pack-header = { -header } { $letter }
pack-header-post = post under { $letter }
pack-corner = { $end } corner
pack-channel = channel at { $at }
pack-ladder = ladder at { $at }
pack-point = studs under the load at { $at }
pack-filler = filler { $thickness } × { $depth } × { $length }
packs-opening-ends = Ends of openings
packs-headers = { -Headers }
packs-header-posts = Posts under { -headers }
packs-corners = Corners
packs-channels = Channels
packs-ladders = Ladder blocks
packs-points = Studs under point loads
packs-beams = Beams
packs-posts = Posts
in-a-wall = { $what } in { $wall }
cut-beam = beam
cut-post = post
sticks-not-sold = The yard sells no { $wood }: choose another wood, or ask another yard.
sticks-not-enough = The yard has not enough { $wood } for { $pieces } pieces.
sticks-none-found = No plan was found for { $pieces } pieces of { $wood } with the sticks that the yard has.
yard-none = No yard is asked: start the server with the address of one.
yard-away = The yard does not answer: no sticks are planned. The cut list stands.
yard-nonsense = The yard answers with something that makes no sense: no sticks are planned.
yard-does-not-sell = The yard does not sell all of this.
prices-none-of-ones-own = There is no price list of your own yet: no sticks are planned. Put one in below.
delivery-everything = Everything at once
delivery-plates-and-treated = Sole plates and treated lumber
delivery-rest = The rest
delivery-storey = { $storey }
delivery-no-storey = What stands on no storey
order-prices-changed = Something costs otherwise by now: nothing was ordered. Look at what changed.
sticks-too-long =
    { $count ->
        [one] One piece of { $wood } is { $piece } long; the longest stick is { $longest }.
       *[other] { $count } pieces of { $wood } are { $piece } long; the longest stick is { $longest }.
    } They are left out here: break the plate, change the { -header }, or ask for a longer stick.
cut-standing = { $what }: { $count ->
        [one] its piece stands
       *[other] { $count } pieces stand
    } already and { $count ->
        [one] is
       *[other] are
    } not cut again.
saw-recut = { $what } for { $goes }, { $wood }, was cut to { $length } and is wanted otherwise now: cut again to { $to } it is { $other } for { $there }.
saw-too-many = { $what } for { $goes }, { $wood }, was cut to { $length } and is not wanted any more: keep it for blocking.
grid-section = section and grade
grid-treated = treated
grid-count = how many
grid-length = length, { $unit }
grid-as-read = length as read
grid-bevel = bevel, degrees
grid-top-up = TOP up
grid-what-for = what for
grid-goes-to = goes to
grid-price = price each, dollars
grid-cost = cost, dollars
grid-spare = of them on top of the plan
grid-delivery = delivery
grid-weight = weight, lb
grid-inches = inches
grid-millimeters = millimeters
grid-yes = yes
grid-cut-list = Cut list
grid-order = Sticks to buy
