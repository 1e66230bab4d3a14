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

/// The program.
#[derive(Clone, Debug)]
pub(super) struct Simplex {
    rows: usize,
    costs: Vec<f64>,
    /// Row and amount, of all columns one after the other.
    entries: Vec<(u32, f64)>,
    /// Where each column's entries end.
    ends: Vec<u32>,
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
    /// Where the look for a column that helps goes on.
    next: usize,
}

/// What is close enough to nothing.
const NOTHING: f64 = 1e-9;

/// What a column's entries come to at these prices, or along this row.
fn across(entries: &[(u32, f64)], by_row: &[f64]) -> f64 {
    entries.iter().map(|(row, amount)| by_row[*row as usize] * amount).sum()
}

impl Simplex {
    /// Rows with what they ask; what is missing costs `missing_costs`, by row.
    pub fn new(asks: &[(Asks, f64)], missing_costs: &[f64]) -> Self {
        let rows = asks.len();
        let mut program = Self {
            rows,
            costs: Vec::new(),
            entries: Vec::new(),
            ends: Vec::new(),
            basis: Vec::new(),
            in_basis: Vec::new(),
            inverse: vec![0.0; rows * rows],
            values: asks.iter().map(|(_, amount)| *amount).collect(),
            prices: vec![0.0; rows],
            missing: Vec::new(),
            steps: 0,
            next: 0,
        };
        for (row, (asks, _)) in asks.iter().enumerate() {
            program.inverse[row * rows + row] = 1.0;
            let first = match asks {
                Asks::AtMost => program.add(0.0, [(row as u32, 1.0)]),
                Asks::AtLeast => {
                    program.add(0.0, [(row as u32, -1.0)]);
                    let missing = program.add(missing_costs[row], [(row as u32, 1.0)]);
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

    /// Puts a column in and says under which number.
    pub fn add(&mut self, cost: f64, entries: impl IntoIterator<Item = (u32, f64)>) -> usize {
        self.costs.push(cost);
        self.entries.extend(entries);
        self.ends.push(self.entries.len() as u32);
        self.in_basis.push(false);
        self.costs.len() - 1
    }

    fn entries(&self, column: usize) -> &[(u32, f64)] {
        let start = if column == 0 { 0 } else { self.ends[column - 1] };
        &self.entries[start as usize..self.ends[column] as usize]
    }

    /// How many columns there are.
    pub const fn columns(&self) -> usize {
        self.costs.len()
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
            self.costs[column] *= factor;
        }
        self.reprice();
    }

    fn reprice(&mut self) {
        self.prices.fill(0.0);
        for (row, &column) in self.basis.iter().enumerate() {
            let cost = self.costs[column];
            if cost != 0.0 {
                let of_row = &self.inverse[row * self.rows..(row + 1) * self.rows];
                for (price, entry) in self.prices.iter_mut().zip(of_row) {
                    *price += cost * entry;
                }
            }
        }
    }

    fn reduced(&self, column: usize) -> f64 {
        self.costs[column] - across(self.entries(column), &self.prices)
    }

    /// Asks other amounts, row by row, and goes from where it stands to where they are met. The prices stay such that no column
    /// known so far would make it cheaper.
    pub fn ask(&mut self, amounts: &[f64], most_steps: u64) {
        for (row, value) in self.values.iter_mut().enumerate() {
            let of_row = &self.inverse[row * self.rows..(row + 1) * self.rows];
            *value = of_row.iter().zip(amounts).map(|(entry, amount)| entry * amount).sum();
        }
        for _ in 0..most_steps {
            let (leaving, value) = match self.values.iter().copied().enumerate().min_by(|a, b| a.1.total_cmp(&b.1)) {
                Some((row, value)) if value < -1e-8 => (row, value),
                _ => return,
            };
            let of_row = &self.inverse[leaving * self.rows..(leaving + 1) * self.rows];
            let mut entering: Option<(usize, f64, f64)> = None;
            for number in 0..self.costs.len() {
                if self.in_basis[number] {
                    continue;
                }
                let across = across(self.entries(number), of_row);
                if -1e-8 <= across {
                    continue;
                }
                let reduced = self.reduced(number).max(0.0);
                let ratio = reduced / -across;
                let better = entering
                    .is_none_or(|(_, least, best)| ratio < least - NOTHING || ratio < least + NOTHING && across < best);
                if better {
                    entering = Some((number, ratio, across));
                }
            }
            let Some((entering, _, across)) = entering else { return };
            let along = self.along(entering);
            let reduced = self.reduced(entering);
            self.pivot(entering, leaving, &along, value / across, reduced);
        }
    }

    /// What a unit of a column takes away from each row's column in the basis.
    fn along(&self, entering: usize) -> Vec<f64> {
        let entries = self.entries(entering);
        (0..self.rows)
            .map(|row| {
                let of_row = &self.inverse[row * self.rows..(row + 1) * self.rows];
                across(entries, of_row)
            })
            .collect()
    }

    /// Runs until no column would make it cheaper, or the steps are used up.
    pub fn run(&mut self, most_steps: u64) {
        self.reprice();
        let mut since_better = 0;
        for _ in 0..most_steps {
            // After many steps that change nothing the first column that helps is taken: that cannot go round in circles.
            let careful = 3 * self.rows < since_better;
            let Some((entering, reduced)) = self.helps(careful) else { return };
            let along = self.along(entering);
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

    /// A column that makes it cheaper, with by how much a unit does: the best of the first stretch that has any; or the first of all.
    fn helps(&mut self, first: bool) -> Option<(usize, f64)> {
        const STRETCH: usize = 160;
        let columns = self.costs.len();
        if first {
            self.next = 0;
        }
        let mut found = None;
        let mut least = -1e-7;
        for looked_at in 0..columns {
            let column = self.next;
            self.next = if self.next + 1 == columns { 0 } else { self.next + 1 };
            if !self.in_basis[column] {
                let reduced = self.reduced(column);
                if reduced < least {
                    found = Some((column, reduced));
                    least = reduced;
                }
            }
            if found.is_some() && (first || looked_at % STRETCH == STRETCH - 1) {
                break;
            }
        }
        found
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
