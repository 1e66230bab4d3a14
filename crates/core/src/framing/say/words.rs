//! The words of a call-out, by language. Crews mix them: what any language has is understood in all.
//!
//! **Source.** Common practice, no source.

use crate::job::OpeningKind;
use crate::measure::End;

/// What a word means in a call-out.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Meaning {
    /// What the opening is.
    Kind(OpeningKind),
    /// Doors, of a kind that another word or the width tells.
    Doors,
    /// Twin units: two side by side in one opening.
    Twin,
    /// It is cut out later.
    Later,
    /// A header or beam over a gap: only its width is said.
    Beam,
    /// An opening of no kind.
    Opening,
    /// The wall itself.
    Wall,
    /// The size that follows or stands before is the rough opening's.
    Rough,
    /// Between width and height.
    By,
    /// In the middle, or the center where a length follows.
    Middle,
    /// A length is measured from what follows.
    From,
    /// Which end.
    Side(End),
    /// A corner: an end, the left one unless a side is said.
    Corner,
    /// A crossing wall.
    Partition,
    /// The top of the opening.
    Head,
    /// The bottom of the opening.
    Sill,
    /// With equal gaps.
    Evenly,
    /// Between two places.
    Between,
    /// And.
    And,
    /// So many.
    Count(u8),
    /// At.
    At,
    /// A measured way up or along, said besides: `high`, `long`, `wide`.
    Way,
    /// On center.
    OnCenter,
    /// Feet.
    Feet,
    /// Inches.
    Inches,
    /// Millimeters.
    Millimeters,
    /// Centimeters.
    Centimeters,
    /// Meters.
    Meters,
    /// A word that says nothing.
    Filler,
}

/// What a word means, whoever says it; `None` where nobody says it.
pub(super) fn meaning(word: &str) -> Option<Meaning> {
    let plain: String = word.chars().filter(|letter| *letter != '.').collect();
    [ENGLISH, SPANISH].iter().find_map(|table| {
        table.iter().find(|(words, _)| words.split(' ').any(|known| known == plain)).map(|(_, meaning)| *meaning)
    })
}

/// Whether it is a unit of length.
pub(super) const fn is_unit(said: Meaning) -> bool {
    matches!(said, Meaning::Feet | Meaning::Inches | Meaning::Millimeters | Meaning::Centimeters | Meaning::Meters)
}

/// A unit as it is written behind a number.
pub(super) const fn unit_sign(unit: Meaning) -> &'static str {
    match unit {
        Meaning::Feet => "'",
        Meaning::Millimeters => " mm",
        Meaning::Centimeters => " cm",
        Meaning::Meters => " m",
        _ => "\"",
    }
}

const ENGLISH: &[(&str, Meaning)] = &[
    ("window windows win wdw wdws wndw wind", Meaning::Kind(OpeningKind::Window)),
    ("door dr drs mandoor prehung", Meaning::Kind(OpeningKind::Door)),
    ("doors", Meaning::Doors),
    ("pair double dbl french bifold bifolds bipass bypass", Meaning::Kind(OpeningKind::PairOfDoors)),
    ("slider sliders sliding patio sgd", Meaning::Kind(OpeningKind::SlidingDoor)),
    ("overhead garage ohd gd sectional rollup", Meaning::Kind(OpeningKind::OverheadDoor)),
    ("pocket", Meaning::Kind(OpeningKind::PocketDoor)),
    ("cased", Meaning::Kind(OpeningKind::CasedOpening)),
    ("twin twins mulled", Meaning::Twin),
    ("later", Meaning::Later),
    ("beam beams header headers hdr lintel girder", Meaning::Beam),
    ("opening openings opg opng hole gap", Meaning::Opening),
    ("wall", Meaning::Wall),
    ("ro rough rgh", Meaning::Rough),
    ("x by", Meaning::By),
    ("centered centred center centre middle mid c/l cl ctr centerline", Meaning::Middle),
    ("from off in-from", Meaning::From),
    ("left lh", Meaning::Side(End::Left)),
    ("right rh", Meaning::Side(End::Right)),
    ("corner end", Meaning::Corner),
    ("partition partitions crosswall tee", Meaning::Partition),
    ("head heads hd", Meaning::Head),
    ("sill sills", Meaning::Sill),
    ("evenly even equal equally spaced", Meaning::Evenly),
    ("between btwn", Meaning::Between),
    ("and then plus", Meaning::And),
    ("two", Meaning::Count(2)),
    ("three", Meaning::Count(3)),
    ("four", Meaning::Count(4)),
    ("five", Meaning::Count(5)),
    ("six", Meaning::Count(6)),
    ("at", Meaning::At),
    ("high tall long wide height width length ht hi", Meaning::Way),
    ("oc on-center", Meaning::OnCenter),
    ("ft feet foot", Meaning::Feet),
    ("in inch inches", Meaning::Inches),
    ("mm millimeter millimeters millimetre millimetres", Meaning::Millimeters),
    ("cm centimeter centimeters", Meaning::Centimeters),
    ("m meter meters metre metres", Meaning::Meters),
    (
        "a an the of on with for this one unit units is to its edge face hand side studs stud gaps put set",
        Meaning::Filler,
    ),
];

const SPANISH: &[(&str, Meaning)] = &[
    ("ventana ventanas vent", Meaning::Kind(OpeningKind::Window)),
    ("puerta pta", Meaning::Kind(OpeningKind::Door)),
    ("puertas", Meaning::Doors),
    ("doble par francesa francesas plegadiza plegable", Meaning::Kind(OpeningKind::PairOfDoors)),
    ("corrediza corredera corredizas", Meaning::Kind(OpeningKind::SlidingDoor)),
    ("cochera garaje seccional levadiza", Meaning::Kind(OpeningKind::OverheadDoor)),
    ("empotrada bolsillo escondida", Meaning::Kind(OpeningKind::PocketDoor)),
    ("paso encajonado", Meaning::Kind(OpeningKind::CasedOpening)),
    ("gemela gemelas", Meaning::Twin),
    ("después despues", Meaning::Later),
    ("viga vigas dintel dinteles trabe", Meaning::Beam),
    ("vano vanos abertura hueco claro", Meaning::Opening),
    ("muro pared", Meaning::Wall),
    ("bruto bruta obra", Meaning::Rough),
    ("por", Meaning::By),
    ("centrada centrado centro medio eje", Meaning::Middle),
    ("desde", Meaning::From),
    ("izquierda izquierdo izq", Meaning::Side(End::Left)),
    ("derecha derecho der", Meaning::Side(End::Right)),
    ("esquina extremo", Meaning::Corner),
    ("tabique cruce", Meaning::Partition),
    ("cabezal altura tope", Meaning::Head),
    ("antepecho alféizar alfeizar", Meaning::Sill),
    ("repartidas repartidos parejas parejos iguales espaciadas", Meaning::Evenly),
    ("entre", Meaning::Between),
    ("y luego más mas", Meaning::And),
    ("dos", Meaning::Count(2)),
    ("tres", Meaning::Count(3)),
    ("cuatro", Meaning::Count(4)),
    ("cinco", Meaning::Count(5)),
    ("seis", Meaning::Count(6)),
    ("en", Meaning::At),
    ("alto alta largo ancho", Meaning::Way),
    ("pies pie", Meaning::Feet),
    ("pulgadas pulgada pulg plg", Meaning::Inches),
    ("milímetros milimetros", Meaning::Millimeters),
    ("metros metro", Meaning::Meters),
    ("el la los las un una de del con este esta al cara montantes", Meaning::Filler),
];

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn no_word_stands_in_the_tables_twice() {
        let mut all: Vec<&str> =
            [ENGLISH, SPANISH].iter().flat_map(|table| table.iter()).flat_map(|(words, _)| words.split(' ')).collect();
        all.sort_unstable();
        let twice: Vec<&[&str]> = all.windows(2).filter(|pair| pair[0] == pair[1]).collect();
        assert!(twice.is_empty(), "{twice:?}");
    }

    #[test]
    fn points_do_not_matter() {
        assert_eq!((meaning("r.o"), meaning("o.h.d"), meaning("doot")), (Some(Meaning::Rough), meaning("ohd"), None));
    }
}
