use std::time::Instant;
use sturvek_core::cutting::sticks::*;
use sturvek_core::measure::*;
fn main() {
    let file = std::env::args().nth(1).unwrap();
    let effort: i64 = std::env::args().nth(2).and_then(|e| e.parse().ok()).unwrap_or(6_000_000);
    let d: serde_json::Value = serde_json::from_slice(&std::fs::read(file).unwrap()).unwrap();
    let (mut proven, mut all, mut worst, mut total) = (0, 0, 0.0f64, 0.0);
    for c in d.as_array().unwrap() {
        let case = c.get("case").unwrap_or(c);
        let len = |v: &serde_json::Value| Length::from_decimal_inches(v.as_f64().unwrap());
        let mut names: Vec<String> = case["pieces"].as_array().unwrap().iter().map(|p| p["section"].as_str().unwrap().to_owned()).collect();
        names.sort(); names.dedup();
        let saw = Saw { kerf: len(&case["kerf_in"]), ..Saw::default() };
        let sections: Vec<(Vec<Wanted>, Vec<StickStock>)> = names.iter().map(|s| {
            let w: Vec<Wanted> = case["pieces"].as_array().unwrap().iter().filter(|p| p["section"] == **s).map(|p| Wanted { length: len(&p["length_in"]), count: p["count"].as_u64().unwrap() as u32 }).collect();
            let st: Vec<StickStock> = case["stock"].as_array().unwrap().iter().filter(|p| p["section"] == **s).map(|p| StickStock { length: len(&p["length_in"]), price: Cents(p["price_cents"].as_i64().unwrap()), available: p["available"].as_u64().map(|n| n as u32) }).collect();
            (w, st)
        }).collect();
        let ask: Vec<_> = sections.iter().map(|(wanted, stock)| SectionWanted { wanted, stock }).collect();
        let t = Instant::now();
        let plans = plan_sections(&ask, saw, Effort(effort));
        let ms = t.elapsed().as_secs_f64() * 1e3;
        let (mut cost, mut bound, mut ff, mut none) = (0, 0, 0, String::new());
        for p in &plans { match p { Ok(p) => { cost += p.cost.0; bound += p.bound.0; ff += p.first_fit.map_or(0, |c| c.0); } Err(e) => { none += &format!("{e:?} "); } } }
        if std::env::args().nth(3).is_some() { for (n, p) in names.iter().zip(&plans) { if let Ok(p) = p { if p.cost != p.bound { println!("   {n} {} {}", p.cost.0, p.bound.0); } } } }
        let gap = (cost - bound) as f64 / cost.max(1) as f64 * 100.0;
        all += 1; if cost == bound { proven += 1 } worst = worst.max(gap); total += ms;
        let opt = c["optimal_cost_cents"].as_i64();
        println!("{} cost {cost} bound {bound} gap {gap:.4}% opt {} ff {:.2}% {ms:.0} ms {none}", case["id"], opt.map_or(String::new(), |o| format!("{o} {:+}", cost - o)), (ff - cost) as f64 / cost.max(1) as f64 * 100.0);
    }
    println!("proven {proven}/{all} worst gap {worst:.4}% total {total:.0} ms");
}
