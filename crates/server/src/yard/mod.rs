//! A yard that sells lumber, asked on this machine: what it has, how long, for how much, and how many there are; and orders. What it answers is held to bounds,
//! like everything that comes from outside; away or talking nonsense it is a sentence, and the cut list stands.

mod catalog;
pub mod orders;
pub mod stand_in;

use serde::{Deserialize, Serialize};
use sturvek_core::cutting::pieces::Section;
use sturvek_core::cutting::sold::{self, Sold};
use sturvek_core::cutting::sticks::StickStock;
use sturvek_core::measure::{Cents, Length};
use sturvek_core::say;
use sturvek_core::speech::Phrase;
use sturvek_store::own_prices::OwnPrices;
use thiserror::Error;
use utoipa::ToSchema;

use crate::loopback::{BadAddress, Loopback, NoAnswer};

/// The longest price list that is read, bytes.
const LONGEST_LIST: usize = 1024 * 1024;
/// Where lumber is bought.
#[derive(Clone, Debug)]
pub struct Yard(Loopback);

/// What a yard has, as it sends it.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct PriceList {
    /// What the yard is called.
    pub yard: String,
    /// The day on which these prices hold, as `2026-11-27`.
    pub as_of: String,
    /// Its sticks.
    pub sticks: Vec<PricedStick>,
}

/// A stick as a yard sells it.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize, ToSchema)]
pub struct PricedStick {
    /// Size, species and grade, as called out: `2x6 SPF No.2`.
    pub section: String,
    /// Whether it is treated.
    pub treated: bool,
    /// How long, in.
    pub length_in: f64,
    /// What one costs.
    pub price_cents: i64,
    /// How many there are; without limit where nothing is said.
    pub available: Option<u32>,
}

/// What can be bought, and since when it costs that.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Prices {
    /// What the yard is called; `None` where they are the user's own.
    pub yard: Option<String>,
    /// The day on which they hold.
    pub as_of: String,
    /// What is sold.
    pub sold: Vec<Sold>,
}

impl From<OwnPrices> for Prices {
    fn from(own: OwnPrices) -> Self {
        Self { yard: None, as_of: own.at.format("%Y-%m-%d").to_string(), sold: own.sold }
    }
}

/// Why there are no prices.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Error)]
pub enum NoPrices {
    /// No yard was named when the server was started.
    #[error("no yard was named")]
    NoYard,
    /// It does not answer in time, or not at all, or is closed.
    #[error("the yard does not answer")]
    Away,
    /// What it says is nothing that a yard can mean.
    #[error("the yard talks nonsense")]
    Nonsense,
    /// It does not sell something that it was asked for.
    #[error("the yard does not sell that")]
    NotSold,
    /// The user has no price list of their own.
    #[error("there is no price list of one's own")]
    NoneOfOnesOwn,
}

impl NoPrices {
    /// In a sentence.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::NoYard => say!("yard-none"),
            Self::Away => say!("yard-away"),
            Self::Nonsense => say!("yard-nonsense"),
            Self::NotSold => say!("yard-does-not-sell"),
            Self::NoneOfOnesOwn => say!("prices-none-of-ones-own"),
        }
    }
}

impl Yard {
    /// The yard at an address.
    ///
    /// # Errors
    /// [`BadAddress`] for one that is not on this machine.
    pub fn at(address: &str) -> Result<Self, BadAddress> {
        Loopback::at(address).map(Self)
    }

    /// What it sells.
    ///
    /// # Errors
    /// [`NoPrices`].
    pub async fn prices(&self) -> Result<Prices, NoPrices> {
        match self.0.get("sticks", &[], LONGEST_LIST).await {
            Ok((200, body)) => {
                let list: PriceList = serde_json::from_slice(&body).map_err(|_| NoPrices::Nonsense)?;
                list.checked().ok_or(NoPrices::Nonsense)
            }
            Ok((503, _)) | Err(NoAnswer::Away) => Err(NoPrices::Away),
            Ok(_) | Err(NoAnswer::Nonsense) => Err(NoPrices::Nonsense),
        }
    }
}

/// Whether sticks are so long, in.
fn is_length_in(inches: f64) -> bool {
    inches.is_finite() && sold::is_length(Length::from_decimal_inches(inches))
}

/// Whether it is a day, as `2026-11-27`.
fn is_day(text: &str) -> bool {
    chrono::NaiveDate::parse_from_str(text, "%Y-%m-%d").is_ok()
}

impl PriceList {
    /// As it can be planned with; `None` if any of it is nothing that a yard can mean.
    fn checked(self) -> Option<Prices> {
        let fine = |stick: &PricedStick| {
            sold::is_name(&stick.section) && is_length_in(stick.length_in) && sold::is_price(Cents(stick.price_cents))
        };
        let few = self.sticks.len() <= sold::MOST_LINES;
        if !sold::is_name(&self.yard) || !is_day(&self.as_of) || !few || !self.sticks.iter().all(fine) {
            return None;
        }
        let sold = self.sticks.into_iter().map(|stick| Sold {
            section: Section { wood: stick.section.into(), treated: stick.treated },
            stick: StickStock {
                length: Length::from_decimal_inches(stick.length_in),
                price: Cents(stick.price_cents),
                available: stick.available,
            },
        });
        Some(Prices { yard: Some(self.yard), as_of: self.as_of, sold: sold.collect() })
    }
}
