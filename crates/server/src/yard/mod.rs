//! A yard that sells lumber, asked on this machine: what it has, how long, for how much, and how many there are. What it answers is held to bounds,
//! like everything that comes from outside; away or talking nonsense it is a sentence, and the cut list stands.

pub mod stand_in;

use serde::{Deserialize, Serialize};
use sturvek_core::cutting::job_sticks::Sold;
use sturvek_core::cutting::pieces::Section;
use sturvek_core::cutting::sticks::StickStock;
use sturvek_core::measure::{Cents, Length};
use sturvek_core::say;
use sturvek_core::speech::Phrase;
use thiserror::Error;

use crate::loopback::{BadAddress, Loopback, NoAnswer};

/// The longest price list that is read, bytes.
const LONGEST_LIST: usize = 1024 * 1024;
/// The most lines it may have.
const MOST_LINES: usize = 2_000;
/// The longest name in it.
const LONGEST_NAME: usize = 80;
/// Sticks are no shorter and no longer, in.
const LENGTHS: std::ops::RangeInclusive<f64> = 12.0..=1200.0;
/// No stick costs more, cents.
const DEAREST: i64 = 10_000_000;

/// Where lumber is bought.
#[derive(Clone, Debug)]
pub struct Yard(Loopback);

/// What a yard has, as it sends it.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize)]
pub struct PriceList {
    /// What the yard is called.
    pub yard: String,
    /// The day on which these prices hold, as `2026-11-27`.
    pub as_of: String,
    /// Its sticks.
    pub sticks: Vec<PricedStick>,
}

/// A stick as a yard sells it.
#[derive(Clone, Debug, PartialEq, Serialize, Deserialize)]
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
    /// What the yard is called.
    pub yard: String,
    /// The day on which they hold.
    pub as_of: String,
    /// What is sold.
    pub sold: Vec<Sold>,
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
    /// What it says is no price list.
    #[error("the yard talks nonsense")]
    Nonsense,
}

impl NoPrices {
    /// In a sentence.
    pub fn phrase(self) -> Phrase {
        match self {
            Self::NoYard => say!("yard-none"),
            Self::Away => say!("yard-away"),
            Self::Nonsense => say!("yard-nonsense"),
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

impl PriceList {
    /// As it can be planned with; `None` if any of it is nothing that a yard can mean.
    fn checked(self) -> Option<Prices> {
        let named = |name: &str| !name.trim().is_empty() && name.chars().count() <= LONGEST_NAME;
        let fine = |stick: &PricedStick| {
            named(&stick.section) && LENGTHS.contains(&stick.length_in) && (0..=DEAREST).contains(&stick.price_cents)
        };
        let dated = chrono::NaiveDate::parse_from_str(&self.as_of, "%Y-%m-%d").is_ok();
        if !named(&self.yard) || !dated || MOST_LINES < self.sticks.len() || !self.sticks.iter().all(fine) {
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
        Some(Prices { yard: self.yard, as_of: self.as_of, sold: sold.collect() })
    }
}
