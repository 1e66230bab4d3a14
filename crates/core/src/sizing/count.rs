//! How many studs: a demand over what one carries, rounded up.

/// How far over a whole number a quotient may be before one more stud is asked for: float noise, not wood.
const NOISE: f64 = 1e-6;

/// The smallest count, at least one, for which `count · each` covers `demand`. `None` if one carries nothing or the
/// count would not fit a `u8`.
pub fn studs_for(demand: f64, each: f64) -> Option<u8> {
    let quotient = demand / each;
    if !quotient.is_finite() || quotient > f64::from(u8::MAX) {
        return None;
    }
    Some((quotient - NOISE).ceil().max(1.0) as u8)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn float_noise_does_not_make_a_third_jack() {
        assert_eq!(studs_for(0.1 + 0.2, 0.15), Some(2));
        assert_eq!(studs_for(2.001, 1.0), Some(3));
        assert_eq!(studs_for(0.0, 100.0), Some(1));
        assert_eq!(studs_for(1.0, 0.0), None);
    }
}
