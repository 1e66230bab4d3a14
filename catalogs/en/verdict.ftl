verdict-carries = Carries
verdict-carries-barely = Carries, barely
verdict-only-the-table = Only the table allows it
verdict-does-not-carry = Does not carry
verdict-ask-an-engineer = Ask an engineer
works-jacks = { $reason } of the { -jacks }, { $end } end
works-kings = { $check }, { $end } end
verdict-in-bay = It stands between two studs of the layout: nothing is cut, so no { -header }, { -jacks } or { -kings } are needed.
verdict-flat = The wall carries nothing here: a flat 2x is enough, a { -header } would be waste.
verdict-header = { $header } over { $clear }.
verdict-hardest = Works hardest, at { $at }: { $what }.
verdict-hardest-under = Works hardest, at { $at }: { $what } ({ $combination }).
verdict-by-the-table = { $header } over { $clear }. The code's table takes it to { $span }; by calculation: { $why }.
kings-none-holds = No number of { -kings } up to { $tried } holds the wind: { $what } at { $at }.
kings-needed-in-wind = { $framed } { -kings } at the { $end } end, { $needed } needed in this wind.
kings-needed-by-table = { $framed } { -kings } at the { $end } end, { $needed } needed by the code's table.
kings-fail = { $framed } { -kings } at the { $end } end: { $what } at { $at }.
fails = { $header } over { $clear }: { $why }.
fails-by-decided-jacks = With the { -jacks } that somebody decided: { $header } over { $clear }: { $why }.
fails-nearest = Nothing in stock carries; nearest is { $header } over { $clear }: { $why }.
fails-not-for-want-of-a-header = Not for want of a { -header }: { $header } over { $clear }: { $why }.
fails-by-shop-rule = By the shop's rule { $header } over { $clear }: { $why }.
would-help = Would help: { $ways }.
help-more-jacks = { $more -> 
        [one] 1 jack
       *[other] { $more } { -jacks }
    } more at the { $end } end
help-wider-header = a wider { -header }
help-header-centered-or-filled = the { -header } in the middle of the wall, or filled to both faces
help-other-studs = studs of another grade or depth
help-no-flat-nailer = no flat nailer
help-harder-plate = a plate of { $species }, { $bears }
king-check-bending = bending of the { -kings }
king-check-shear = shear of the { -kings }
king-check-deflection = deflection of the { -kings }
king-check-together = { -kings } bent and pressed
