//! Open formats, one module each: bytes in, plain data out, and back. No files, no network, no clock.

mod bare_words;
pub mod cases;
pub mod cut_cases;
pub mod cut_file;
pub mod cut_grids;
pub mod frame_file;
pub mod grid;
pub mod header_cases;
pub mod header_csv;
pub mod header_table;
pub mod job_file;
pub mod kinds;
pub mod path_cases;
pub mod price_list;
pub mod raise_file;
pub mod sheets;
pub mod shore_cases;
pub mod tickets;
mod woods;
pub mod write;
