verdict-carries = Carga
verdict-carries-barely = Carga, apenas
verdict-only-the-table = Solo la tabla lo permite
verdict-does-not-carry = No carga
verdict-ask-an-engineer = Pregunte a un ingeniero
works-jacks = { $reason }, extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }
works-kings = { $check }, extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }
verdict-in-bay = Queda entre dos montantes del trazo: no se corta nada, así que no hacen falta dintel ni montantes de apoyo o principales.
verdict-flat = El muro no carga nada aquí: basta una pieza plana, un dintel sería desperdicio.
verdict-header = { $header } sobre { $clear }.
verdict-hardest = Lo que más trabaja, al { $at }: { $what }.
verdict-hardest-under = Lo que más trabaja, al { $at }: { $what } ({ $combination }).
verdict-by-the-table = { $header } sobre { $clear }. La tabla del código lo lleva hasta { $span }; por cálculo: { $why }.
kings-none-holds = Ningún número de montantes principales hasta { $tried } resiste el viento: { $what } al { $at }.
kings-needed-in-wind = Montantes principales en el extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }: { $framed }; con este viento se necesitan { $needed }.
kings-needed-by-table = Montantes principales en el extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }: { $framed }; la tabla del código pide { $needed }.
kings-fail = { $framed } montantes principales en el extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }: { $what } al { $at }.
fails = { $header } sobre { $clear }: { $why }.
fails-by-decided-jacks = Con los montantes de apoyo que alguien decidió: { $header } sobre { $clear }: { $why }.
fails-nearest = Nada en existencia carga; lo más cercano es { $header } sobre { $clear }: { $why }.
fails-not-for-want-of-a-header = No por falta de dintel: { $header } sobre { $clear }: { $why }.
fails-by-shop-rule = Por la regla del taller { $header } sobre { $clear }: { $why }.
would-help = Ayudaría: { $ways }.
help-more-jacks = { $more -> 
        [one] 1 montante de apoyo
       *[other] { $more } montantes de apoyo
    } más en el extremo { $end -> 
        [left] izquierdo
       *[right] derecho
    }
help-wider-header = un dintel más ancho
help-header-centered-or-filled = el dintel al centro del muro, o relleno hasta las dos caras
help-other-studs = montantes de otro grado o ancho
help-no-flat-nailer = sin clavador plano
help-harder-plate = una solera de { $species }, { $bears }
king-check-bending = flexión de los montantes principales
king-check-shear = cortante de los montantes principales
king-check-deflection = flecha de los montantes principales
king-check-together = montantes principales con flexión y compresión
