//! What the terminal says of pairing: where, the code, and a picture of both to scan.

use qrcode::QrCode;
use qrcode::render::unicode::Dense1x2;

/// Where this machine is reached, and the code to pair a device by; `link` is both together.
pub fn told(link: Option<&str>, at: &[String], code: &str, fingerprint: &str) -> String {
    let Some(link) = link else {
        return "On site: this machine is on no network yet. Devices are served as soon as it is.".into();
    };
    // Light on dark, as most terminals are; whoever cannot scan it types the code.
    let picture = QrCode::new(link).map(|code| {
        code.render::<Dense1x2>().dark_color(Dense1x2::Light).light_color(Dense1x2::Dark).quiet_zone(true).build()
    });
    format!(
        "On site at {}\nTo pair a phone: scan this, or open the address there and type {code}\n{}\nIts certificate: {fingerprint}",
        at.join("  or  "),
        picture.unwrap_or_default(),
    )
}
