# Por dónde baja la carga y dónde se corta; qué se pone como viga o poste.

break-nothing-under-a-strip = nada hay bajo esta franja de { $what }; necesita dos apoyos.
break-one-line-under-a-strip = bajo esta franja de { $what } solo está { $only }; necesita dos apoyos.
break-nothing-carries-a-beam = nada carga { $what }; una viga necesita dos apoyos.
break-nothing-carries-a-beam-but-a-ring = nada carga { $what }; una viga necesita dos apoyos (las vigas que se cargan unas a otras en círculo no cuentan).
break-one-carries-a-beam = solo { $only } carga { $what }; una viga necesita dos apoyos.
break-one-carries-a-beam-but-a-ring = solo { $only } carga { $what }; una viga necesita dos apoyos (las vigas que se cargan unas a otras en círculo no cuentan).
break-no-line-under = Bajo este tramo de { $what } no hay ninguna línea de carga.
break-nothing-under-a-point = Bajo este punto de { $what } nada carga: ninguna línea, ningún poste a menos de { $reach }, ninguna zapata.
break-is-the-engineers = { $who } responde por ello: { $reason }
station-opening = { $letter } en { $wall }
station-gable = hastial de { $of }
station-slab = losa
station-break = { $what }: la carga se corta
station-point = carga en un punto
pad-too-small = Mide { $is } por lado; en suelo de { $soil } hacen falta { $wanted }.
pad-enough = Mide { $is } por lado; en suelo de { $soil } bastan { $wanted }.
slab-thicker =
    { $count ->
        [one] Un punto trae más de { $over }: haga la losa más gruesa ahí.
       *[other] { $count } puntos traen más de { $over }: haga la losa más gruesa ahí.
    }
way-pad-under = Poner una zapata debajo
way-post-under = Poner un poste debajo
way-foundation-under = Poner un cimiento debajo
way-beam-under = Poner debajo una viga sobre { $posts } postes
way-beam-between = Poner debajo una viga, { $span } de línea a línea
way-wall-over = Moverlo { $by } hasta quedar sobre { $name }
way-opening-over = Mover el vano { $by }, con su paquete sobre { $name }
way-posts-under-ends = Poner postes bajo sus extremos
bears-because = Es de carga: { $what }.
bears-by-the-house = Es de carga: sobre él baja lo que trae la casa.
bears-nothing-lands = De la casa nada baja sobre él sino su propio peso.
bears-not-a-partition = Marcado como división: viguetas y cabios pasan por encima.
bears-seen-otherwise = Alguien vio que es de carga: mire cuál es lo cierto.
bears-seen-nothing = Alguien vio que nada baja sobre él: mire cuál es lo cierto.
member-goes-in = Se pone { $what }; trabaja al { $at } en { $check } ({ $combination }).
member-chosen-fails = Se eligió { $what } y no carga: trabaja al { $at } en { $check } ({ $combination }). Elija otra, o ponga otro apoyo debajo.
member-nothing-carries = Nada de lo que se probó lo carga; lo que más se acerca es { $what }, al { $at } en { $check } ({ $combination }). Ponga otro apoyo debajo, o muéstrelo a un ingeniero.
post-of-studs = { $count } de { $lumber }
post-solid = { $lumber }
solid-floor = A { $at }: macizo de { $wide } de ancho, tan alto como las viguetas, { $under }.
solid-floor-cut = A { $at }: bloques de apoyo, { $wide } de ancho, cortados a { $cut }, { $under }.
solid-floor-as-wide-cut = A { $at }: bloques de apoyo tan anchos como lo que está encima, cortados a { $cut }, { $under }.
solid-floor-as-wide = A { $at }: macizo tan ancho como lo que está encima, tan alto como las viguetas, { $under }.
solid-under-a-pack = bajo un paquete de { $name }
solid-under-a-post = bajo { $name }
