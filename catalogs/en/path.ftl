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
