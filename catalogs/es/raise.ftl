raise-not-sized = Un vano de este muro todavía no tiene { -header }: no hay peso.
raise-too-heavy = De { $from } a { $to } no se puede partir y pide { $lift } en la solera superior, { $people } personas; la cuadrilla es de { $crew }, y caben { $room }.
hands-easy =
    { $count ->
        [one] Una persona, { $load }: fácil.
       *[other] { $count } personas, { $load } cada una: fácil.
    }
hands-near =
    { $count ->
        [one] Una persona, { $load }: casi lo más que se pide a una espalda; { $easy } lo hacen fácil.
       *[other] { $count } personas, { $load } cada una: casi lo más que se pide a una espalda; { $easy } lo hacen fácil.
    }
hands-too-much =
    { $count ->
        [one] Una persona, { $load }: más de { $most }, lo que se pide a cada una. No lo levante así.
       *[other] { $count } personas, { $load } cada una: más de { $most }, lo que se pide a cada una. No lo levante así.
    }
hoist-good = El gancho toma { $load } de { $rated }, lo que usted dice que aguanta ahí: bien.
hoist-near = El gancho toma { $load } de { $rated }, lo que usted dice que aguanta ahí: cabe, pero por poco.
hoist-over = El gancho toma { $load }, más de { $rated }, lo que usted dice que aguanta ahí: no lo levante así.
hoist-steady = Quien sujeta la otra punta sostiene { $load }.
hoist-hold-down = La otra punta se levanta: quien la sujeta aguanta { $load } hacia abajo.
before-stops = { $stops } topes en el borde y una cinta en la solera inferior antes de levantarlo.
before-braces = { $braces } puntales antes de que nadie suelte, uno en cada punta, ninguno a más de { $apart } del siguiente.
before-plumb = A plomo y derecho antes de clavarlo del todo: primero las puntas, luego el medio.
before-wind = No con vientos de más de { $wind } si ya lleva tablero.
brace-strap = Una riostra de fleje cabe de { $from } a { $to }, a { $degrees }° de la solera.
brace-sheet = Ningún fleje cabe entre los vanos, trabaja de { $least } a { $most }°: un tablero entero arriostra de { $from } a { $to }.
brace-none = Ni un fleje ni un tablero entero caben entre los vanos: el plano de arriostramiento dice qué sujeta este muro.
turn-while-free = Mientras el piso está libre.
turn-against = Contra { $walls }, su segunda solera superior encima.
turn-between = Entre { $walls }, su segunda solera superior sobre las de ellos.
turn-closes-over = Cierra sobre extremos de { $walls } que ya están parados: levántelo antes que ellos, o deslícelo.
square-storey = A escuadra: { $x } por un lado, { $y } por el otro, { $across } en diagonal; de esquina a esquina { $diagonal }.
tip-up-clears = Al levantarlo, su esquina sube a { $diagonal }; el cuarto tiene { $room }.
tip-up-does-not-clear = Al levantarlo, su esquina sube a { $diagonal }, y el cuarto tiene { $room }: ármelo donde va parado.
