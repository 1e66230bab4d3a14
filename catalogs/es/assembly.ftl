assembly-build-header = Arme el dintel: { $pieces } piezas de { $length }, coronas hacia arriba, extremos a ras.
assembly-in-bay = Deje los dos montantes donde están; clave el cabezal y el antepecho entre ellos.
assembly-posts = Ponga los postes bajo el dintel, a plomo bajo la carga.
assembly-packing = Clave lo que rellena el cabezal: pieza del cabezal y montantes cortos, en sus marcas.
assembly-sill = Clave los montantes cortos bajo el antepecho a la solera inferior, luego el antepecho sobre ellos y a los montantes de apoyo.
assembly-diagonals = Mida las dos diagonales del vano: tienen que ser iguales antes de forrar el muro.
assembly-cut-the-plate = Cuando el muro esté parado, a plomo y clavado, corte la solera inferior en el paso de la puerta: al final de todo.
assembly-first-kings = Clave el primer montante principal de cada extremo a la solera inferior y a la superior, en su K.
some-at-each-end = { $count } de { $length } en cada extremo
some-at-an-end = { $count } de { $length } en el extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }
kings-at-an-end = { $count } en el extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }
assembly-jacks = Clave los montantes de apoyo a los principales: { $jacks }.
assembly-set-the-header = Ponga el { $over } sobre los montantes de apoyo, pegado a los principales, y clave a través del primer montante principal en sus dos extremos.
assembly-other-kings = Solo ahora agregue los otros montantes principales: { $more }. Antes estorban para clavar los extremos del { $over }.
below = Bajo { $what }, de { $from } a { $to }: { $studs -> 
        [one] 1 montante
       *[other] { $studs } montantes
    } o bloques macizos iguales, derecho hasta la cimentación o hasta una viga dimensionada para eso, { $force } ({ $combination }; { $parts }).
load-of-a-kind = { $kind } { $force }
below-jacks = los montantes de apoyo, extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }
below-post = el poste
below-studs = los montantes bajo una carga
assembly-stretcher = Clave un travesaño de lado a lado de la puerta, a { $up } de alto, y déjelo mientras se carga el muro.
assembly-studs-run-through = Deje pasar los montantes del trazo por el vano hasta { $under }; se cortan después.
assembly-later-cut-below = Después, cuando se sepan antepecho y unidad: córtelos a { $at }, lo que queda abajo carga el antepecho.
assembly-later-cut-above = Luego córtelos a { $at }, lo que queda arriba rellena el cabezal.
assembly-later-take-out = Luego quite lo que queda de ellos hasta { $under }.
assembly-later-close = Luego clave lo que falta de antepecho y cabezal.
