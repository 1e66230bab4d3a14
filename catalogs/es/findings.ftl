# Lo que está mal o conviene saber de un muro, y qué hacer.
finding-past-the-end = El paquete sobresale { $by } del extremo { $end ->
        [left] izquierdo
       *[right] derecho
    } del muro.
finding-packs-overlap = Su paquete y el del vano siguiente se enciman { $by }.
finding-header-too-deep = El dintel es { $by } más alto que el espacio sobre el cabezal.
finding-cripple-too-short = El montante corto sobre el dintel mediría { $length }: demasiado corto para clavarlo.
finding-opening-too-tall = El vano es { $by } más alto de lo que permite el muro.
finding-fewer-jacks-than-needed = Montantes de apoyo en el extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }: { $decided }; se necesitan { $needed }.
finding-fewer-kings-than-needed = Montantes principales en el extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }: { $decided }; se necesitan { $needed }.
finding-rule-asks-for-more = Una regla pide { $rule } montantes de apoyo en el extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }; el cálculo pide { $arithmetic }.
finding-calculation-disagrees = La tabla del código acepta este dintel; por cálculo no carga. Confírmelo en el código adoptado.
finding-grade-assumed = No se conoce el grado: se supone No.2 Spruce-Pine-Fir.
finding-uplift = Un apoyo del dintel se levanta con hasta { $force }: ánclelo hacia abajo.
finding-short-return = El muro en su extremo { $end ->
        [left] izquierdo
       *[right] derecho
    } mide { $length } y tiene que arriostrar el frente: lo decide el plano de arriostramiento.
finding-deep-notch = La muesca deja { $left } del montante de apoyo junto al dintel.
finding-partition-in-the-way = Un muro que cruza en { $at } queda en el vano o en su paquete; con { $by } se libra.
finding-channel-lost = El respaldo del muro que cruza en { $at } ocupa { $width }, y ahí hay una esquina u otro muro que cruza.
finding-pack-in-corner = El paquete entra { $by } en los montantes del extremo { $end ->
        [left] izquierdo
       *[right] derecho
    } del muro.
finding-kings-too-weak = Ni { $tried } montantes principales resisten el viento en este vano: montantes más anchos, o decide un ingeniero.
finding-point-load-studs = { $force } cargan en { $at }: se necesitan { $needed } montantes, hay { $there }.
finding-point-load-studs-none = { $force } cargan en { $at }: ningún número de montantes probado basta, hay { $there }.
finding-point-load-too-large = { $force } cargan en { $at }, más de { $most }: decide un ingeniero con licencia.
finding-far-end-lifted = El extremo lejano del piso en voladizo se levanta con hasta { $load } (0.6 D lo sujeta): ánclelo hacia abajo.
finding-joist-end-lifted = El claro siguiente levanta el extremo de las viguetas en este muro con hasta { $load } (0.6 D lo sujeta): ánclelo hacia abajo.
finding-net-uplift = El viento levanta el techo sobre el paquete { $end ->
        [left] izquierdo
       *[right] derecho
    } con { $force } (0.6 D + 0.6 W): flejes según los planos.
finding-snow-assumed = La nieve se supuso antes de preguntar: confírmela una vez en Reglas.
finding-wind-assumed = El viento se supuso antes de preguntar: confírmelo una vez en Reglas.
finding-tail-assumed = Se supuso, antes de preguntar, que nada se apoya en el voladizo del piso: confírmelo una vez.
finding-openings-above-assumed = Se supuso, antes de preguntar, que el muro de arriba no tiene vanos: confírmelo una vez.
finding-nobody-in-attic = No se cuenta a nadie en el ático sobre este cielo raso: lo usual sin almacenaje es { $usual }.
finding-off-middle = El dintel carga sus montantes de apoyo { $off } fuera de su centro y los dobla: hacen falta más que con carga recta.
finding-ply-fastening = Hay viguetas colgadas del costado del dintel: { $load } tienen que pasar de pieza a pieza. La tabla del fabricante o los planos dan pernos o tornillos.
finding-header-too-wide = El dintel es { $by } más ancho que el espesor del muro.
finding-head-above-line = Su cabezal queda { $by } arriba de la línea de los demás, en { $line }.
finding-head-below-line = Su cabezal queda { $by } abajo de la línea de los demás, en { $line }.
finding-sill-in-backsplash = Su antepecho queda { $by } abajo del borde de la salpicadera.
finding-escape-window = Una recámara necesita una ventana de escape: { $area } libres, { $width } de ancho, { $high } de alto, su antepecho a lo más a { $most } del piso. El fabricante da la abertura libre.
finding-escape-sill-high = Su antepecho está a { $height } del piso; para escapar puede estar a { $most }.
finding-escape-too-small = La unidad entera es menor que la abertura libre de escape: { $area }, { $width } de ancho, { $high } de alto.
finding-bathroom-sill = El antepecho de un baño suele estar a más de { $height }, por privacidad; sobre una tina el vidrio tiene que ser de seguridad.
finding-gap-in-bay = Quedan { $gap } hasta el montante en su extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }: rellénelo.
finding-break-over-opening = Una solera superior se corta en { $at }, sobre el vano o su paquete.
finding-breaks-too-near = La solera superior baja se corta en { $at }, a { $apart } de un corte de la de arriba; se quieren { $wanted }.
finding-board-too-short = La solera superior desde { $at } mide { $length }; su tabla tiene { $stock }.
finding-breaks-missing = Ningún lugar para los cortes de las soleras cumple todas las reglas: el muro mide { $wall }, sus tablas { $stock }. Las soleras se dibujan enteras.
finding-bolt-in-doorway = Un perno de anclaje queda en el paso de la puerta, en { $at }.
finding-bolt-under-stud = Un perno de anclaje queda bajo una pieza ({ $what }), en { $at }.
finding-bolt-missing = La solera inferior que termina en { $at } no tiene perno a menos de { $near } de su extremo.
finding-tip-up = Al levantarlo, la esquina del muro sube a { $diagonal }; el cuarto tiene { $room }.
finding-uneven-room = El cuarto es { $by } más alto en el extremo { $higher ->
        [left] izquierdo
       *[right] derecho
    }: manda el extremo bajo, el resto se calza.
way-move-this = Mueva este { $by } a la izquierda.
way-move-the-next = Mueva el siguiente { $by } a la derecha.
way-one-header-for-both = Arme los dos bajo un solo dintel.
way-move-from-the-end = Aleje el vano { $by } del extremo.
way-narrower-opening = Haga el vano más angosto.
way-shallower-header = Elija un dintel menos alto.
way-lower-the-head = Baje el cabezal.
way-lower-the-head-by = Baje el antepecho y el cabezal { $by }.
way-without-flat-nailer = Quite el clavador plano.
way-lower-the-sill-by = Baje el antepecho { $by }.
way-raise-the-sill-by = Suba el antepecho { $by }.
way-shorter-unit = Use una unidad más baja.
way-deeper-or-shallower-header = Elija un dintel más alto o menos alto.
way-tight-to-the-plates = Cuélguelo pegado a las soleras y rellene el cabezal.
way-change-the-head-height = Cambie la altura del cabezal.
way-computed-count = Vuelva al número calculado.
way-move-clear-of-the-wall = Mueva el vano { $by }, libre del muro.
way-move-the-crossing-wall = Mueva el muro que cruza.
way-ladder-blocks = Respáldelo con bloques en escalera.
way-fewer-corner-studs = Arme la esquina con menos montantes.
way-header-by-calculation = Elija el dintel que pide el cálculo.
way-look-for-a-stamp = Busque el sello de grado, o haga clasificar la madera.
way-shorten-past-the-pack = Acorte lo que sobresale del paquete.
way-tie-down-by-an-engineer = Muestre el anclaje a un ingeniero.
way-header-over-the-return = Lleve el dintel sobre el retorno hasta la esquina, con los flejes y el patrón de clavos que imprime el código.
way-move-from-the-corner = Aleje el vano de la esquina.
way-own-jack = Use un montante de apoyo propio bajo el dintel.
way-header-as-wide-as-the-wall = Use un dintel tan ancho como el muro.
way-deeper-studs = Haga el muro con montantes más anchos.
way-better-studs = Elija montantes de mejor grado.
way-move-from-the-load = Aleje el vano de la carga.
way-harder-plates = Use soleras de una especie más dura.
way-post-by-the-drawings = Ponga un poste según los planos.
way-show-it-to-an-engineer = Muéstrelo a un ingeniero.
way-tie-down-by-the-drawings = Ánclelo según los planos.
way-confirm-snow = Confirme la nieve que está.
way-confirm-wind = Confirme el viento que está.
way-confirm-free-tail = Confirme que nada se apoya en el voladizo.
way-confirm-no-openings-above = Confirme que el muro de arriba no tiene vanos aquí.
way-usual-attic-load = Cuente { $usual } en el ático.
way-center-in-the-wall = Céntrelo en el muro.
way-fill-to-both-faces = Rellénelo hasta las dos caras del muro.
way-fasten-the-plies = Sujete las piezas según la tabla del fabricante.
way-header-of-one-piece = Use un dintel de una pieza.
way-thinner-header = Elija un dintel más delgado o menos piezas.
way-line-up-the-heads = Mueva el antepecho { $by } para alinear los cabezales.
way-set-the-sill-so-that-heads-line-up = Ponga el antepecho de modo que los cabezales queden en línea.
way-heads-differ-on-purpose = Diga que los cabezales de este muro difieren a propósito.
way-counter-in-the-rules = Ponga la altura de la cubierta en las reglas.
way-taller-unit-same-head = Use una unidad más alta con el mismo cabezal.
way-larger-unit = Use una unidad más grande.
way-another-window-serves = Dígalo si otra ventana del cuarto sirve.
way-fur-the-gap = Rellene el hueco con tiras.
way-against-the-stud = Mueva el vano contra el montante en su extremo { $end ->
        [left] izquierdo
       *[right] derecho
    }.
way-break-over-a-stud = Mueva el corte sobre un montante junto al paquete.
way-breaks-placed = Deje que los cortes se coloquen solos.
way-move-a-break = Mueva uno de los dos.
way-add-a-break = Agregue un corte.
way-longer-board = Use una tabla más larga.
way-breaks-closer = Deje que los cortes se acerquen más.
way-decide-the-breaks = Decida dónde van.
way-drill-beside-the-door = Corte el perno y taladre un ancla junto a la puerta.
way-move-the-opening = Mueva el vano.
way-move-opening-or-stud = Mueva el vano o el montante.
way-drill-beside-it = Corte el perno y taladre un ancla al lado.
way-drill-an-anchor-there = Taladre un ancla ahí.
way-move-the-piece-end = Mueva el extremo de la pieza.
way-more-clearance = Deje { $clearance } libres sobre el muro.
way-stud-by-stud = Ármelo en su lugar, montante por montante.
finding-path-breaks = Lo que trae, { $force }, no sigue bajando en la casa: { $why }
way-look-at-the-house = Vea la casa: ahí se dice qué puede ponerse debajo.
finding-plates-step-in-pack = El escalón de las soleras superiores en { $at } cae dentro de él o de sus paquetes, a { $by } del borde.
finding-let-down-under-load = De { $from } a { $to } las soleras están { $by } más abajo que lo que llega ahí al muro.
finding-board-lost = { $name }, de { $from } a { $to } con su centro a { $height }, no encuentra dos montantes entre los que quepa.
finding-board-behind-door = { $name } queda donde la hoja de { $letter }, de { $leaf } de ancho, puede abrir contra el muro.
way-clear-of-the-step = Moverlo { $by }, fuera del escalón
way-move-the-step = Empiece o termine la bajada en otro lugar.
way-beam-over-the-let-down = Cargue lo que llega ahí en una viga por encima, o deje arriba las soleras.
way-move-the-board = Muévalo, o hágalo más largo.
way-shorten-the-board = Terminarlo donde no llega la hoja
finding-pipe-in-pack = { $name } se mete { $by } en los paquetes o el dintel: nada pasa por ahí sin los planos.
finding-pipe-in-post = { $name } se mete en montantes bajo una carga, de un escalón o de una esquina: nada pasa por ahí sin los planos.
finding-plate-strap = { $name } quita { $taken } del ancho de las soleras superiores: va una cinta de { $strap } de lado a lado.
finding-pipe-too-wide = { $name } mide { $width } de ancho, y los montantes { $deep } de fondo.
finding-bay-too-wide = { $name } queda libre en { $width }; entre dos montantes del trazo hay { $clear }.
finding-studs-bored = Junto a { $name } los montantes se perforan hasta { $bored }, los dobles hasta { $doubled }, y se muescan hasta { $notched }.
way-move-the-pipe = Moverlo { $by }
way-see-the-drawings = Que los planos digan cómo pasa.
way-strap-the-plates = Clave una cinta metálica sobre el corte, más allá por ambos lados.
way-head-over-the-bay = Ponga un cabezal entre los montantes de los lados, o doble la solera superior.
finding-hangs-free = Nada sujeta su solera superior: queda libre bajo un cielo falso y lo sostienen sus extremos.
way-hold-the-ends = Clave los dos extremos a muros firmes, y arriostre hasta las viguetas donde sea largo.
