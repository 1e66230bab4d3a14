assembly-build-header = Build the { -header } up: { $pieces } pieces of { $length }, crowns up, ends flush.
assembly-in-bay = Leave both studs of the bay where they are; nail head and { -sill } between them.
assembly-posts = Set the posts under the { -header }, plumb under the load.
assembly-packing = Nail in what packs the head: head piece and { -cripples }, on their marks.
assembly-sill = Nail the { -cripples } under the { -sill } to the { -sole-plate }, then the { -sill } on them and to the { -jacks }.
assembly-diagonals = Measure both diagonals of the opening: they have to be alike before the wall is sheathed.
assembly-cut-the-plate = When the wall stands, is plumb and nailed off, cut the { -sole-plate } out of the doorway: last of all.
assembly-first-kings = Nail the first { -king } of each end to { -sole-plate } and top plate, on its K.
some-at-each-end = { $count } of { $length } at each end
some-at-an-end = { $count } of { $length } at the { $end } end
kings-at-an-end = { $count } at the { $end } end
assembly-jacks = Nail the { -jacks } to the { -kings }: { $jacks }.
assembly-set-the-header = Set the { $over } on the { -jacks }, tight to the { -kings }, and nail through the first { -king } into both its ends.
assembly-other-kings = Only now add the other { -kings }: { $more }. Before, they keep the nailer from the { $over }'s ends.
below = Below the { $what }, { $from } to { $to }: { $studs -> 
        [one] 1 stud
       *[other] { $studs } studs
    } or solid blocks of the same, straight down to the foundation or to a beam sized for it, { $force } ({ $combination }; { $parts }).
load-of-a-kind = { $kind } { $force }
below-jacks = { $end } { -jacks }
below-post = post
below-studs = studs under a load
assembly-stretcher = Nail a stretcher across the doorway, { $up } up, and leave it there while the wall is carried.
assembly-studs-run-through = Let the studs of the layout run through the opening up to { $under }; they are cut out later.
assembly-later-cut-below = Later, once sill and unit are known: cut them at { $at }, what stays below carries the sill.
assembly-later-cut-above = Then cut them at { $at }, what stays above packs the head.
assembly-later-take-out = Then take out what is left of them up to { $under }.
assembly-later-close = Then nail in what is missing of sill and head.
