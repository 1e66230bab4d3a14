# The braced return beside a big door: what the printed detail asks, and what is there.

return-width = The return is { $is } wide; { $least } is the least in walls to { $high }.
return-too-high = The wall is { $high } high; the detail goes to { $most }.
return-door = The opening is { $is } wide; the detail goes from { $least } to { $most }.
return-header = { $header } over it; { $width } x { $depth } is the least.
return-no-header = No { -header } is decided yet.
return-run-over = The { -header } runs over the return to the corner.
return-run-short = The { -header } does not run over the return: { $width } more to the corner.
return-studs =
    { $is ->
        [one] One stud
       *[other] { $is } studs
    } under the far end of the { -header }; { $least } are the least.
return-sheathing = { $is } of sheathing, in one piece over { -header } and return; { $least } of OSB or plywood is the least.
return-sheathing-not-said = Nobody said what sheathes this wall: { $least } of OSB or plywood, in one piece over { -header } and return.
return-bolts =
    { $is ->
        [one] One anchor bolt of { $bolt } in its sole plate, on a plate washer { $washer } square and { $thick } thick
       *[other] { $is } anchor bolts of { $bolt } in its sole plate, each on a plate washer { $washer } square and { $thick } thick
    }; { $least } are the least.
return-strap = A strap for { $strap }, on the inside from the { -header } onto the inner studs.
return-nails = { $count } nails { $nail }, at most { $apart } apart, in all framing and in a grid over the { -header }.
