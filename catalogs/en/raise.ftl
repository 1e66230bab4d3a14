raise-not-sized = An opening of this wall has no { -header } yet: it has no weight.
raise-too-heavy = From { $from } to { $to } it cannot be cut and takes { $lift } at the top plate, { $people } people; the crew is { $crew }, and there is room for { $room }.
hands-easy =
    { $count ->
        [one] One person, { $load }: easy.
       *[other] { $count } people, { $load } each: easy.
    }
hands-near =
    { $count ->
        [one] One person, { $load }: near the most that is asked of a back; { $easy } are easy.
       *[other] { $count } people, { $load } each: near the most that is asked of a back; { $easy } are easy.
    }
hands-too-much =
    { $count ->
        [one] One person, { $load }: over the { $most } that is asked of each. Do not lift it so.
       *[other] { $count } people, { $load } each: over the { $most } that is asked of each. Do not lift it so.
    }
hoist-good = The hook takes { $load } of the { $rated } that you say it is rated for there: good.
hoist-near = The hook takes { $load } of the { $rated } that you say it is rated for there: within it, but not by much.
hoist-over = The hook takes { $load }, over the { $rated } that you say it is rated for there: do not lift it so.
hoist-steady = Whoever steadies the far end holds { $load }.
hoist-hold-down = The far end comes up: whoever steadies it holds { $load } down.
before-stops = { $stops } stops at the rim and a strap at the sole before it goes up.
before-braces = { $braces } braces before anybody lets go, one at each end, none farther than { $apart } from the next.
before-plumb = Plumb and straight before it is nailed off: the ends first, then the middle.
before-wind = Not in winds over { $wind } with the sheathing on.
brace-strap = A strap brace fits from { $from } to { $to }, at { $degrees }° to the plate.
brace-sheet = No strap fits between the openings, it works from { $least } to { $most }°: a full sheet braces from { $from } to { $to }.
brace-none = Neither a strap nor a full sheet fits between the openings: the bracing plan says what holds this wall.
turn-while-free = While the deck is free.
turn-against = Against { $walls }, its second top plate over it.
turn-between = Between { $walls }, its second top plate over theirs.
turn-closes-over = It closes over ends of { $walls } that stand already: raise it before them, or slide it in.
square-storey = Square: { $x } along one side, { $y } along the other, { $across } across; from corner to corner { $diagonal }.
tip-up-clears = Tipped up its corner swings { $diagonal } high; the room has { $room }.
tip-up-does-not-clear = Tipped up its corner swings { $diagonal } high, and the room has { $room }: build it where it stands.
