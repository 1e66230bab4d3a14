//! Slabs put on pages.

use super::marks::Slab;

/// A slab in its place.
#[derive(Clone, Debug, PartialEq)]
pub(super) struct Placed {
    pub(super) y: f32,
    pub(super) slab: Slab,
}

/// Slabs on pages so high. What keeps with the next goes to the next page with it; a table's head stands again on the page where the
/// table goes on. Gaps at the top of a page are left out.
pub(super) fn pages(slabs: Vec<Slab>, heads: &[Slab], high: f32) -> Vec<Vec<Placed>> {
    let mut pages: Vec<Vec<Placed>> = vec![Vec::new()];
    let mut y = 0.0;
    let mut slabs = slabs.into_iter().peekable();
    while let Some(slab) = slabs.next() {
        let mut together = vec![slab];
        while together.last().is_some_and(|slab| slab.keeps_next)
            && let Some(next) = slabs.next_if(|next| !next.starts_page)
        {
            together.push(next);
        }
        let height: f32 = together.iter().map(|slab| slab.height).sum();
        let is_begun = 0.0 < y;
        if is_begun && (together[0].starts_page || high < y + height) {
            pages.push(Vec::new());
            y = 0.0;
            if let Some(head) = together[0].head.and_then(|head| heads.get(head)) {
                y = place(&mut pages, y, head.clone());
            }
        }
        let is_gap = together.iter().all(|slab| slab.parts.is_empty());
        if is_gap && y == 0.0 {
            continue;
        }
        for slab in together {
            y = place(&mut pages, y, slab);
        }
    }
    pages
}

/// Puts a slab on the last page; where the next one stands.
fn place(pages: &mut [Vec<Placed>], y: f32, slab: Slab) -> f32 {
    let next = y + slab.height;
    if let Some(page) = pages.last_mut() {
        page.push(Placed { y, slab });
    }
    next
}

#[cfg(test)]
mod tests {
    use super::super::marks::Belongs;
    use super::*;

    fn slab(height: f32) -> Slab {
        Slab { height, parts: vec![(Belongs::Nothing, vec![])], ..Slab::default() }
    }

    fn heights(pages: &[Vec<Placed>]) -> Vec<Vec<f32>> {
        pages.iter().map(|page| page.iter().map(|placed| placed.slab.height).collect()).collect()
    }

    #[test]
    fn a_heading_goes_with_what_follows_it() {
        let heading = Slab { keeps_next: true, ..slab(20.0) };
        let pages = pages(vec![slab(70.0), heading, slab(30.0)], &[], 100.0);
        assert_eq!(heights(&pages), [vec![70.0], vec![20.0, 30.0]]);
    }

    #[test]
    fn the_head_of_a_table_stands_again_where_it_goes_on() {
        let row = || Slab { head: Some(0), ..slab(40.0) };
        let pages = pages(vec![slab(10.0), row(), row(), row()], &[slab(11.0)], 100.0);
        assert_eq!(heights(&pages), [vec![10.0, 40.0, 40.0], vec![11.0, 40.0]]);
    }

    #[test]
    fn a_new_page_is_begun_once_and_not_with_a_gap() {
        let starts = Slab { starts_page: true, ..Slab::default() };
        let gap = Slab { height: 10.0, ..Slab::default() };
        let pages = pages(vec![starts.clone(), slab(30.0), starts, gap, slab(30.0)], &[], 100.0);
        assert_eq!(heights(&pages), [vec![30.0], vec![30.0]]);
    }
}
