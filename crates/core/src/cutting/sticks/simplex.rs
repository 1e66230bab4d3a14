//! A small linear program that grows by columns.
//!
//! **What it does.** Minimizes the cost of columns, none of them negative, whose rows reach at least (or stay at most at) what is
//! asked. Columns can be put in between two runs; the basis is kept. What it answers is a suggestion in floating point: bounds are
//! proven from its prices elsewhere, exactly.
//!
//! **Source.** The revised simplex method with the inverse of the basis written out; from memory.

/// What a row asks.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Asks {
    /// At least so much.
    AtLeast,
    /// At most so much.
    AtMost,
}

#[derive(Clone, Debug)]
struct Column {
    cost: f64,
    entries: Vec<(u32, f64)>,
}

/// The program.
#[derive(Clone, Debug)]
pub(super) struct Simplex {
    rows: usize,
    columns: Vec<Column>,
    /// The column in each row's place.
    basis: Vec<usize>,
    in_basis: Vec<bool>,
    /// Row by row.
    inverse: Vec<f64>,
    values: Vec<f64>,
    prices: Vec<f64>,
    /// Which columns make up what is missing, at a cost that nobody pays.
    missing: Vec<usize>,
    steps: u64,
}

/// What is close enough to nothing.
const NOTHING: f64 = 1e-9;

impl Simplex {
    /// Rows with what they ask; what is missing costs `missing_costs`, by row.
    pub fn new(asks: &[(Asks, f64)], missing_costs: &[f64]) -> Self {
        let rows = asks.len();
        let mut program = Self {
            rows,
            columns: Vec::new(),
            basis: Vec::new(),
            in_basis: Vec::new(),
            inverse: vec![0.0; rows * rows],
            values: asks.iter().map(|(_, amount)| *amount).collect(),
            prices: vec![0.0; rows],
            missing: Vec::new(),
            steps: 0,
        };
        for (row, (asks, _)) in asks.iter().enumerate() {
            program.inverse[row * rows + row] = 1.0;
            let first = match asks {
                Asks::AtMost => program.push(0.0, vec![(row as u32, 1.0)]),
                Asks::AtLeast => {
                    program.push(0.0, vec![(row as u32, -1.0)]);
                    let missing = program.push(missing_costs[row], vec![(row as u32, 1.0)]);
                    program.missing.push(missing);
                    program.prices[row] = missing_costs[row];
                    missing
                }
            };
            program.basis.push(first);
            program.in_basis[first] = true;
        }
        program
    }

    fn push(&mut self, cost: f64, entries: Vec<(u32, f64)>) -> usize {
        self.columns.push(Column { cost, entries });
        self.in_basis.push(false);
        self.columns.len() - 1
    }

    /// Puts a column in and says under which number.
    pub fn add(&mut self, cost: f64, entries: Vec<(u32, f64)>) -> usize {
        self.push(cost, entries)
    }

    /// How many columns there are.
    pub const fn columns(&self) -> usize {
        self.columns.len()
    }

    /// The price of each row.
    pub fn prices(&self) -> &[f64] {
        &self.prices
    }

    /// How many steps it has taken, as a measure of work.
    pub const fn steps(&self) -> u64 {
        self.steps
    }

    /// How much of a column is taken.
    pub fn taken(&self) -> impl Iterator<Item = (usize, f64)> + '_ {
        self.basis.iter().copied().zip(self.values.iter().copied()).filter(|(_, value)| NOTHING < *value)
    }

    /// How much is missing in all rows together.
    pub fn missing(&self) -> f64 {
        let is_missing = |column: usize| self.missing.binary_search(&column).is_ok();
        self.taken().filter(|(column, _)| is_missing(*column)).map(|(_, value)| value).sum()
    }

    /// Makes what is missing dearer and runs again from there.
    pub fn missing_costs_more(&mut self, factor: f64) {
        for &column in &self.missing {
            self.columns[column].cost *= factor;
        }
        self.reprice();
    }

    fn reprice(&mut self) {
        self.prices.fill(0.0);
        for (row, &column) in self.basis.iter().enumerate() {
            let cost = self.columns[column].cost;
            if cost != 0.0 {
                let of_row = &self.inverse[row * self.rows..(row + 1) * self.rows];
                for (price, entry) in self.prices.iter_mut().zip(of_row) {
                    *price += cost * entry;
                }
            }
        }
    }

    fn reduced(&self, column: &Column) -> f64 {
        column.cost - column.entries.iter().map(|(row, amount)| self.prices[*row as usize] * amount).sum::<f64>()
    }

    /// Runs until no column would make it cheaper, or the steps are used up.
    pub fn run(&mut self, most_steps: u64) {
        self.reprice();
        let mut since_better = 0;
        for _ in 0..most_steps {
            // After many steps that change nothing the first column that helps is taken: that cannot go round in circles.
            let careful = 3 * self.rows < since_better;
            let mut entering = None;
            let mut least = -1e-7;
            for (number, column) in self.columns.iter().enumerate() {
                if self.in_basis[number] {
                    continue;
                }
                let reduced = self.reduced(column);
                if reduced < least {
                    entering = Some((number, reduced));
                    if careful {
                        break;
                    }
                    least = reduced;
                }
            }
            let Some((entering, reduced)) = entering else { return };
            let mut along = vec![0.0; self.rows];
            for (row, along) in along.iter_mut().enumerate() {
                let of_row = &self.inverse[row * self.rows..(row + 1) * self.rows];
                *along =
                    self.columns[entering].entries.iter().map(|(entry, amount)| of_row[*entry as usize] * amount).sum();
            }
            let mut leaving: Option<(usize, f64)> = None;
            for (row, &along_row) in along.iter().enumerate() {
                if along_row <= 1e-8 {
                    continue;
                }
                let ratio = self.values[row].max(0.0) / along_row;
                let better = leaving.is_none_or(|(best, least)| {
                    ratio < least - NOTHING
                        || ratio < least + NOTHING
                            && if careful { self.basis[row] < self.basis[best] } else { along[best] < along_row }
                });
                if better {
                    leaving = Some((row, ratio));
                }
            }
            let Some((leaving, ratio)) = leaving else { return };
            since_better = if ratio * -reduced < 1e-9 { since_better + 1 } else { 0 };
            self.pivot(entering, leaving, &along, ratio, reduced);
        }
    }

    fn pivot(&mut self, entering: usize, leaving: usize, along: &[f64], ratio: f64, reduced: f64) {
        self.steps += 1;
        let rows = self.rows;
        let pivot = along[leaving];
        let pivot_row: Vec<f64> =
            self.inverse[leaving * rows..(leaving + 1) * rows].iter().map(|entry| entry / pivot).collect();
        for (row, &factor) in along.iter().enumerate() {
            let of_row = &mut self.inverse[row * rows..(row + 1) * rows];
            if row == leaving {
                of_row.copy_from_slice(&pivot_row);
                self.values[row] = ratio;
            } else if factor != 0.0 {
                for (entry, pivot) in of_row.iter_mut().zip(&pivot_row) {
                    *entry -= factor * pivot;
                }
                self.values[row] -= factor * ratio;
            }
        }
        for (price, entry) in self.prices.iter_mut().zip(&pivot_row) {
            *price += reduced * entry;
        }
        self.in_basis[self.basis[leaving]] = false;
        self.in_basis[entering] = true;
        self.basis[leaving] = entering;
    }
}
