//! Quotes and orders. What a yard answers is held against what it was asked.

use serde::{Deserialize, Serialize};
use sturvek_core::cutting::sold::{is_name, is_price};
use sturvek_core::measure::Cents;
use sturvek_core::say;
use sturvek_core::speech::Phrase;
use thiserror::Error;
use utoipa::ToSchema;

use super::{NoPrices, PricedStick, Yard, is_day, is_length_in};
use crate::loopback::NoAnswer;

/// Sticks that somebody would buy.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct WantedLine {
    /// Size, species and grade.
    pub section: String,
    /// Whether it is treated.
    pub treated: bool,
    /// How long, in.
    pub length_in: f64,
    /// How many.
    pub count: u32,
}

/// What some sticks would cost.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Quote {
    /// What the yard is called.
    pub yard: String,
    /// The day on which this holds.
    pub as_of: String,
    /// Its lines, as they were asked for.
    pub lines: Vec<QuotedLine>,
}

/// A line of a quote.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct QuotedLine {
    /// What was asked for.
    pub line: WantedLine,
    /// What one costs.
    pub price_cents: i64,
    /// How many there are of it, no more than were asked for.
    pub there: u32,
    /// What there is instead of those that are short.
    pub instead: Option<Instead>,
}

/// Longer sticks of the same, for some that are short.
#[derive(Clone, Copy, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Instead {
    /// How long, in.
    pub length_in: f64,
    /// What one costs.
    pub price_cents: i64,
    /// How many.
    pub count: u32,
}

/// A line of an order, with the price that was seen.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct OrderLine {
    /// Size, species and grade.
    pub section: String,
    /// Whether it is treated.
    pub treated: bool,
    /// How long, in.
    pub length_in: f64,
    /// How many.
    pub count: u32,
    /// What one costs.
    pub price_cents: i64,
}

/// What a yard gives of a line.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct GivenLine {
    /// What was ordered.
    pub line: OrderLine,
    /// How many there are of it.
    pub given: u32,
}

/// An order that a yard took.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct Confirmed {
    /// Under which number.
    pub number: String,
    /// What it gives.
    pub lines: Vec<GivenLine>,
    /// What that costs.
    pub cost_cents: i64,
}

/// Why an order was not taken.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Error)]
pub enum NotTaken {
    /// Something costs otherwise by now.
    #[error("prices changed")]
    Changed,
    /// There is no answer that says anything: whether it was taken is not known, and it may be sent again under its key.
    #[error(transparent)]
    NoAnswer(#[from] NoPrices),
}

impl NotTaken {
    /// In a sentence.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::Changed => say!("order-prices-changed"),
            Self::NoAnswer(none) => none.phrase(),
        }
    }
}

/// The longest answer, bytes.
const LONGEST_ANSWER: usize = 1024 * 1024;

impl WantedLine {
    /// Whether a stick is what is wanted.
    pub fn is_of(&self, stick: &PricedStick) -> bool {
        (&stick.section, stick.treated, stick.length_in.to_bits())
            == (&self.section, self.treated, self.length_in.to_bits())
    }
}

impl OrderLine {
    /// What is wanted, whatever it costs.
    pub fn wanted(&self) -> WantedLine {
        let Self { section, treated, length_in, count, .. } = self.clone();
        WantedLine { section, treated, length_in, count }
    }
}

impl Yard {
    /// What some sticks would cost today.
    ///
    /// # Errors
    /// [`NoPrices`].
    pub async fn quote(&self, wanted: &[WantedLine]) -> Result<Quote, NoPrices> {
        let quote: Quote = answered(self.0.post("quotes", json(wanted)?, LONGEST_ANSWER).await)?;
        let price = |cents: i64| is_price(Cents(cents));
        let fine = |(quoted, asked): (&QuotedLine, &WantedLine)| {
            let instead = quoted.instead.is_none_or(|instead| {
                is_length_in(instead.length_in) && price(instead.price_cents) && instead.count <= asked.count
            });
            quoted.line == *asked && quoted.there <= asked.count && price(quoted.price_cents) && instead
        };
        let all = quote.lines.len() == wanted.len() && quote.lines.iter().zip(wanted).all(fine);
        if is_name(&quote.yard) && is_day(&quote.as_of) && all { Ok(quote) } else { Err(NoPrices::Nonsense) }
    }

    /// Orders under a key: sent again it is the same order.
    ///
    /// # Errors
    /// [`NotTaken`].
    pub async fn order(&self, key: &str, lines: &[OrderLine]) -> Result<Confirmed, NotTaken> {
        let answer = self.0.post_once("orders", key, json(lines)?, LONGEST_ANSWER).await;
        if matches!(answer, Ok((409, _))) {
            return Err(NotTaken::Changed);
        }
        let confirmed: Confirmed = answered(answer)?;
        let answers = |given: (&GivenLine, &OrderLine)| given.0.line == *given.1 && given.0.given <= given.1.count;
        let same = confirmed.lines.len() == lines.len() && confirmed.lines.iter().zip(lines).all(answers);
        let cost = |given: &GivenLine| given.line.price_cents.checked_mul(i64::from(given.given));
        let adds_up = confirmed.lines.iter().map(cost).sum::<Option<i64>>() == Some(confirmed.cost_cents);
        if same && adds_up && is_name(&confirmed.number) { Ok(confirmed) } else { Err(NoPrices::Nonsense.into()) }
    }
}

fn json<T: Serialize + ?Sized>(what: &T) -> Result<Vec<u8>, NoPrices> {
    serde_json::to_vec(what).map_err(|_| NoPrices::Nonsense)
}

/// What an answer says; away where it is closed.
fn answered<T: for<'a> Deserialize<'a>>(answer: Result<(u16, bytes::Bytes), NoAnswer>) -> Result<T, NoPrices> {
    match answer {
        Ok((200, body)) => serde_json::from_slice(&body).map_err(|_| NoPrices::Nonsense),
        Ok((404, _)) => Err(NoPrices::NotSold),
        Ok((503, _)) | Err(NoAnswer::Away) => Err(NoPrices::Away),
        Ok(_) | Err(NoAnswer::Nonsense) => Err(NoPrices::Nonsense),
    }
}
