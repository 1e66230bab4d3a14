//! Quotes of the yard, and orders: each kept before it is sent, sent under its key, and never sent as another.

use axum::extract::State;
use serde::{Deserialize, Serialize};
use sturvek_core::cutting::sold::{DEAREST, LONGEST, LONGEST_NAME, SHORTEST, is_length, is_name, is_price};
use sturvek_core::measure::{Cents, Length};
use sturvek_core::say;
use sturvek_core::speech::distance;
use sturvek_store::orders::{Became, KeptLine, KeptOrder};
use sturvek_wire::FieldErrors;
use sturvek_wire::speech::Phrase;
use utoipa::ToSchema;
use uuid::Uuid;

use crate::extract::{Body, Ids, Written};
use crate::problem::Problem;
use crate::state::AppState;
use crate::yard::orders::{NotTaken, OrderLine, Quote, WantedLine};
use crate::yard::{NoPrices, Yard};

/// The most lines of an order.
const MOST_LINES: usize = 500;
/// The most sticks of a line.
const MOST_STICKS: u32 = 10_000;
/// Sticks that somebody would buy.
#[derive(Clone, Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct QuoteRequest {
    /// Of each length one line.
    pub lines: Vec<LineRequest>,
}

/// An order, as it was looked at.
#[derive(Clone, Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct OrderRequest {
    /// The key of this order: sent twice it is one.
    pub key: Uuid,
    /// The delivery that it is for, by its key.
    pub delivery: String,
    /// Its lines, with the prices that were seen.
    pub lines: Vec<LineRequest>,
}

/// Sticks of one length.
#[derive(Clone, Debug, Deserialize, ToSchema)]
#[serde(deny_unknown_fields)]
pub struct LineRequest {
    /// Size, species and grade.
    pub wood: String,
    /// Whether it is treated.
    pub treated: bool,
    /// How long, nanometers.
    pub length: i64,
    /// How many.
    pub count: u32,
    /// What one costs as it was seen, cents; for a quote it says nothing.
    #[serde(default)]
    pub price_cents: i64,
}

/// What some sticks would cost.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct QuoteView {
    /// What the yard is called.
    pub yard: String,
    /// The day on which this holds.
    pub as_of: String,
    /// Its lines, as they were asked for.
    pub lines: Vec<QuotedLineView>,
    /// What all that is there costs, cents.
    pub cost_cents: i64,
}

/// A line of a quote.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct QuotedLineView {
    /// What one costs, cents.
    pub price_cents: i64,
    /// How many there are, no more than were asked for.
    pub there: u32,
    /// What there is instead of those that are short.
    pub instead: Option<InsteadView>,
}

/// Longer sticks of the same, for some that are short.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct InsteadView {
    /// How long, nanometers.
    pub length: i64,
    /// What one costs, cents.
    pub price_cents: i64,
    /// How many.
    pub count: u32,
}

/// An order, and what became of it.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OrderView {
    /// Its key.
    pub key: Uuid,
    /// The delivery that it is for, by its key.
    pub delivery: String,
    /// What became of it.
    pub state: OrderState,
    /// Under which number it was taken.
    pub number: Option<String>,
    /// What what is given costs, cents.
    pub cost_cents: Option<i64>,
    /// Its lines.
    pub lines: Vec<OrderedLineView>,
    /// When it was first sent.
    pub at: chrono::DateTime<chrono::Utc>,
    /// Why it was not taken, or not answered, where that was just heard.
    pub said: Option<Phrase>,
}

/// What became of an order.
#[derive(Clone, Copy, Debug, Serialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum OrderState {
    /// It was sent, and nothing was heard: it may be sent again, and is the same order.
    Sent,
    /// It was taken.
    Taken,
    /// It was not taken, as something costs otherwise by now.
    Refused,
}

/// A line of an order.
#[derive(Clone, Debug, Serialize, ToSchema)]
pub struct OrderedLineView {
    /// Size, species and grade.
    pub wood: String,
    /// Whether it is treated.
    pub treated: bool,
    /// How long, nanometers.
    pub length: i64,
    /// How many were ordered.
    pub count: u32,
    /// What one costs, cents.
    pub price_cents: i64,
    /// How many come; left out where it is not taken.
    pub given: Option<u32>,
}

impl LineRequest {
    fn read(self, place: usize) -> Result<KeptLine, FieldErrors> {
        let refused = |field: &str, why| Err(FieldErrors::one(format!("/lines/{place}/{field}"), why));
        let Self { wood, treated, length, count, price_cents } = self;
        if !is_name(&wood) {
            return refused("wood", say!("order-wood", most = LONGEST_NAME));
        }
        if !is_length(Length::from_nanometers(length)) {
            return refused("length", say!("order-length", least = distance(SHORTEST), most = distance(LONGEST)));
        }
        if !(1..=MOST_STICKS).contains(&count) {
            return refused("count", say!("order-count", most = MOST_STICKS));
        }
        if !is_price(Cents(price_cents)) {
            return refused("price_cents", say!("order-price", most = DEAREST.0));
        }
        Ok(KeptLine { wood, treated, length, count, price_cents })
    }
}

fn read_lines(lines: Vec<LineRequest>) -> Result<Vec<KeptLine>, FieldErrors> {
    if !(1..=MOST_LINES).contains(&lines.len()) {
        return Err(FieldErrors::one("/lines".to_owned(), say!("order-lines", most = MOST_LINES)));
    }
    lines.into_iter().enumerate().map(|(place, line)| line.read(place)).collect()
}

fn wanted(line: &KeptLine) -> WantedLine {
    let length_in = line.length().to_inches();
    WantedLine { section: line.wood.clone(), treated: line.treated, length_in, count: line.count }
}

fn ordered(line: &KeptLine) -> OrderLine {
    let WantedLine { section, treated, length_in, count } = wanted(line);
    OrderLine { section, treated, length_in, count, price_cents: line.price_cents }
}

impl From<Quote> for QuoteView {
    fn from(quote: Quote) -> Self {
        let cost_cents = quote.lines.iter().map(|line| line.price_cents * i64::from(line.there)).sum();
        let line = |line: crate::yard::orders::QuotedLine| QuotedLineView {
            price_cents: line.price_cents,
            there: line.there,
            instead: line.instead.map(|instead| InsteadView {
                length: Length::from_decimal_inches(instead.length_in).nanometers(),
                price_cents: instead.price_cents,
                count: instead.count,
            }),
        };
        Self { yard: quote.yard, as_of: quote.as_of, lines: quote.lines.into_iter().map(line).collect(), cost_cents }
    }
}

impl OrderView {
    fn of(kept: KeptOrder, said: Option<Phrase>) -> Self {
        let (state, number, cost_cents, given) = match kept.became {
            Became::Sent => (OrderState::Sent, None, None, Vec::new()),
            Became::Refused => (OrderState::Refused, None, None, Vec::new()),
            Became::Taken { number, given, cost } => (OrderState::Taken, Some(number), Some(cost.0), given),
        };
        let line = |(place, line): (usize, KeptLine)| OrderedLineView {
            wood: line.wood,
            treated: line.treated,
            length: line.length,
            count: line.count,
            price_cents: line.price_cents,
            given: given.get(place).copied(),
        };
        let lines = kept.lines.into_iter().enumerate().map(line).collect();
        Self { key: kept.key, delivery: kept.delivery, state, number, cost_cents, lines, at: kept.at, said }
    }
}

fn yard(state: &AppState) -> Result<&Yard, Problem> {
    state.yard.as_ref().ok_or_else(|| Problem::no_prices(NoPrices::NoYard))
}

/// What the yard says some sticks would cost today.
#[utoipa::path(post, path = "/api/quotes", request_body = QuoteRequest,
    responses((status = 200, body = QuoteView), (status = 422, body = Problem), (status = 424, body = Problem)))]
pub async fn quote(
    State(state): State<AppState>,
    Body(request): Body<QuoteRequest>,
) -> Result<Written<QuoteView>, Problem> {
    let lines: Vec<WantedLine> = read_lines(request.lines)?.iter().map(wanted).collect();
    let quote = yard(&state)?.quote(&lines).await.map_err(Problem::no_prices)?;
    Written::of(&QuoteView::from(quote))
}

/// Orders what was looked at, at the prices that were seen. Sent again it is the same order; what costs otherwise by now is not ordered.
#[utoipa::path(post, path = "/api/jobs/{job}/orders", params(("job" = Uuid, Path)), request_body = OrderRequest,
    responses((status = 200, body = OrderView), (status = 404, body = Problem), (status = 409, body = Problem),
        (status = 422, body = Problem), (status = 424, body = Problem)))]
pub async fn order(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
    Body(request): Body<OrderRequest>,
) -> Result<Written<OrderView>, Problem> {
    let yard = yard(&state)?;
    if !is_name(&request.delivery) {
        return Err(FieldErrors::one("/delivery".to_owned(), say!("order-delivery", most = LONGEST_NAME)).into());
    }
    let lines = read_lines(request.lines)?;
    let mut kept = state.jobs.keep_order(job, request.key, &request.delivery, &lines).await?;
    if kept.became != Became::Sent {
        return Written::of(&OrderView::of(kept, None));
    }
    let sent: Vec<OrderLine> = lines.iter().map(ordered).collect();
    let (became, said) = match yard.order(&request.key.to_string(), &sent).await {
        Ok(taken) => {
            let given = taken.lines.iter().map(|line| line.given).collect();
            (Became::Taken { number: taken.number, given, cost: Cents(taken.cost_cents) }, None)
        }
        Err(NotTaken::Changed) => (Became::Refused, Some(NotTaken::Changed.phrase().into())),
        Err(none @ NotTaken::NoAnswer(_)) => (Became::Sent, Some(none.phrase().into())),
    };
    state.jobs.settle_order(job, request.key, &became).await?;
    kept.became = became;
    Written::of(&OrderView::of(kept, said))
}

/// What was ordered for a job, the latest first.
#[utoipa::path(get, path = "/api/jobs/{job}/orders", params(("job" = Uuid, Path)),
    responses((status = 200, body = Vec<OrderView>), (status = 404, body = Problem)))]
pub async fn get_orders(
    State(state): State<AppState>,
    Ids(job): Ids<Uuid>,
) -> Result<Written<Vec<OrderView>>, Problem> {
    let orders = state.jobs.orders(job).await?;
    Written::of(&orders.into_iter().map(|order| OrderView::of(order, None)).collect::<Vec<OrderView>>())
}
