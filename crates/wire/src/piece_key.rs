//! The name of a piece on the wire: `opening.WALL.OPENING.jack.0`, `bay.WALL.3.stud.0`, `part.PART.beam.1`.

use serde::Deserialize;
use serde::de::IntoDeserializer;
use sturvek_core::cutting::pieces::{For, Of, PieceId};
use sturvek_core::house::PartId;
use sturvek_core::job::{OpeningId, WallId};
use thiserror::Error;
use uuid::Uuid;

use crate::choices::MemberRole;

/// It is no name of a piece.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Error)]
#[error("no name of a piece")]
pub struct NoPieceKey;

/// As it is written.
pub fn written(piece: PieceId) -> String {
    let uuid = Uuid::from_u128;
    let of = match piece.of {
        Of::Opening(wall, opening) => format!("opening.{}.{}", uuid(wall.0), uuid(opening.0)),
        Of::Bay(wall, bay) => format!("bay.{}.{bay}", uuid(wall.0)),
        Of::Part(part) => format!("part.{}", uuid(part.0)),
    };
    let for_ = match piece.for_ {
        For::Wall(role) => role_name(role.into()),
        For::Beam => "beam".to_owned(),
        For::Post => "post".to_owned(),
    };
    format!("{of}.{for_}.{}", piece.ordinal)
}

fn role_name(role: MemberRole) -> String {
    serde_json::to_value(role).ok().and_then(|name| name.as_str().map(str::to_owned)).unwrap_or_default()
}

/// From what is written.
///
/// # Errors
/// [`NoPieceKey`].
pub fn read(text: &str) -> Result<PieceId, NoPieceKey> {
    let parts: Vec<&str> = text.split('.').collect();
    let uuid = |text: &str| Uuid::parse_str(text).map(|id| id.as_u128()).map_err(|_| NoPieceKey);
    let number = |text: &str| text.parse::<u16>().map_err(|_| NoPieceKey);
    let role = |text: &str| {
        let name: serde::de::value::StrDeserializer<'_, serde::de::value::Error> = text.into_deserializer();
        MemberRole::deserialize(name).map(|role| For::Wall(role.into())).map_err(|_| NoPieceKey)
    };
    let (of, for_, ordinal) = match parts[..] {
        ["opening", wall, opening, of_role, ordinal] => {
            (Of::Opening(WallId(uuid(wall)?), OpeningId(uuid(opening)?)), role(of_role)?, ordinal)
        }
        ["bay", wall, bay, of_role, ordinal] => (Of::Bay(WallId(uuid(wall)?), number(bay)?), role(of_role)?, ordinal),
        ["part", part, "beam", ordinal] => (Of::Part(PartId(uuid(part)?)), For::Beam, ordinal),
        ["part", part, "post", ordinal] => (Of::Part(PartId(uuid(part)?)), For::Post, ordinal),
        _ => return Err(NoPieceKey),
    };
    Ok(PieceId { of, for_, ordinal: number(ordinal)? })
}

#[cfg(test)]
mod tests {
    use super::*;
    use sturvek_core::framing::member::Role;

    #[test]
    fn every_name_is_read_as_it_was_written() {
        let of = [Of::Opening(WallId(7), OpeningId(u128::MAX)), Of::Bay(WallId(1), u16::MAX), Of::Part(PartId(12))];
        for (of, for_) in [
            (of[0], For::Wall(Role::CrippleBelow)),
            (of[1], For::Wall(Role::SolePlate)),
            (of[2], For::Beam),
            (of[2], For::Post),
        ] {
            let piece = PieceId { of, for_, ordinal: 3 };
            assert_eq!(read(&written(piece)), Ok(piece), "{}", written(piece));
        }
    }

    #[test]
    fn what_is_no_name_is_refused() {
        let wall = Uuid::from_u128(1);
        for text in [
            String::new(),
            "bay".into(),
            format!("bay.{wall}.1.throne.0"),
            format!("bay.{wall}.70000.stud.0"),
            format!("bay.{wall}.1.stud.-1"),
            format!("part.{wall}.stud.0"),
            format!("opening.{wall}.stud.0"),
            format!("bay.{wall}.1.stud.0.0"),
        ] {
            assert_eq!(read(&text), Err(NoPieceKey), "{text}");
        }
    }
}
