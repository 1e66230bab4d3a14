# What is cut and built apart, and the sticks that it is cut from.

pack-opening-end = { $letter }, lado { $end ->
        [left] izquierdo
       *[right] derecho
    }
pack-header = dintel { $letter }
pack-header-post = poste bajo { $letter }
pack-corner = esquina { $end ->
        [left] izquierda
       *[right] derecha
    }
pack-channel = canal en { $at }
pack-ladder = escalera de bloques en { $at }
pack-point = montantes bajo la carga en { $at }
pack-filler = relleno { $thickness } × { $depth } × { $length }
packs-opening-ends = Lados de vanos
packs-headers = Dinteles
packs-header-posts = Postes bajo dinteles
packs-corners = Esquinas
packs-channels = Canales
packs-ladders = Escaleras de bloques
packs-points = Montantes bajo cargas
packs-beams = Vigas
packs-posts = Postes
in-a-wall = { $what } en { $wall }
cut-beam = viga
cut-post = poste
sticks-not-sold = La maderería no vende { $wood }: elija otra madera, o pregunte en otra parte.
sticks-not-enough = La maderería no tiene bastante { $wood } para { $pieces } piezas.
sticks-none-found = No se halló un plan para { $pieces } piezas de { $wood } con las varas que hay.
yard-none = No se pregunta a ninguna maderería: arranque el servidor con la dirección de una.
yard-away = La maderería no contesta: no hay plan de varas. La lista de corte vale.
yard-nonsense = La maderería contesta algo que no tiene sentido: no hay plan de varas.
yard-does-not-sell = La maderería no vende todo esto.
prices-none-of-ones-own = Todavía no hay lista de precios propia: no hay plan de varas. Ponga una abajo.
delivery-everything = Todo de una vez
delivery-plates-and-treated = Soleras inferiores y madera tratada
delivery-rest = Lo demás
delivery-storey = { $storey }
delivery-no-storey = Lo que no está en ningún piso
order-prices-changed = Algo ya cuesta otra cosa: no se pidió nada. Vea lo que cambió.
sticks-too-long =
    { $count ->
        [one] Una pieza de { $wood } mide { $piece }; la vara más larga mide { $longest }.
       *[other] { $count } piezas de { $wood } miden { $piece }; la vara más larga mide { $longest }.
    } Aquí quedan fuera: parta la solera, cambie el dintel, o pida una vara más larga.
cut-standing = { $what }: { $count ->
        [one] su pieza ya está puesta y no se corta
       *[other] { $count } piezas ya están puestas y no se cortan
    } otra vez.
saw-recut = { $what } para { $goes }, { $wood }, se cortó a { $length } y ahora se quiere de otro modo: cortado otra vez a { $to } es { $other } para { $there }.
saw-too-many = { $what } para { $goes }, { $wood }, se cortó a { $length } y ya no hace falta: guárdelo para bloques.
grid-section = sección y grado
grid-treated = tratada
grid-count = piezas
grid-length = largo, { $unit }
grid-as-read = largo como se lee
grid-bevel = corte, grados
grid-top-up = TOP arriba
grid-what-for = para qué
grid-goes-to = para dónde
grid-price = precio de cada una, dólares
grid-cost = costo, dólares
grid-spare = de ellas además del plan
grid-delivery = entrega
grid-weight = peso, lb
grid-inches = pulgadas
grid-millimeters = milímetros
grid-yes = sí
grid-cut-list = Lista de corte
grid-order = Varas por comprar
