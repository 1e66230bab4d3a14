//! JSON as some programs write it.

/// Some programs write `NaN` and `Infinity` where a number has none. JSON knows neither: they become text, so that the field they
/// stand in is refused and not the whole file.
pub fn without_bare_words(bytes: &[u8]) -> std::borrow::Cow<'_, [u8]> {
    const WORDS: [&[u8]; 3] = [b"NaN", b"-Infinity", b"Infinity"];
    if !WORDS.iter().any(|word| bytes.windows(word.len()).any(|window| window == *word)) {
        return bytes.into();
    }
    let mut kept = Vec::with_capacity(bytes.len() + 16);
    let (mut at, mut in_text) = (0, false);
    while at < bytes.len() {
        let word = WORDS.iter().find(|word| !in_text && bytes[at..].starts_with(word));
        match (word, bytes[at]) {
            (Some(word), _) => {
                kept.push(b'"');
                kept.extend_from_slice(word);
                kept.push(b'"');
                at += word.len();
            }
            (None, b'\\') if in_text => {
                kept.extend_from_slice(&bytes[at..(at + 2).min(bytes.len())]);
                at += 2;
            }
            (None, byte) => {
                in_text ^= byte == b'"';
                kept.push(byte);
                at += 1;
            }
        }
    }
    kept.into()
}
