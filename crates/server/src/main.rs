//! The `sturvek` command.

use std::io::{Read, Write};
use std::net::{IpAddr, Ipv4Addr, Ipv6Addr, SocketAddr};
use std::path::{Path, PathBuf};
use std::process::ExitCode;
use std::sync::Arc;
use std::time::Duration;

use axum::Router;
use clap::{Parser, Subcommand};
use sturvek_core::job::Job;
use sturvek_core::plan::JobPlan;
use sturvek_formats::cut_file::cut_file;
use sturvek_formats::frame_file::framed;
use sturvek_formats::job_file::read_job;
use sturvek_formats::raise_file::raise_file;
use sturvek_formats::sheets::{Printed, sheets_of};
use sturvek_formats::tickets::tickets;
use sturvek_formats::write::pdf::{Size, write_pdf};
use sturvek_formats::{cut_cases, header_cases, header_table, path_cases, shore_cases};
use sturvek_server::connections::Over;
use sturvek_server::on_site::OnSite;
use sturvek_server::places::Places;
use sturvek_server::places::stand_in::{self, Behaves};
use sturvek_server::yard::{self, Yard};
use sturvek_server::{ServedAs, app_on_site, app_over, connections, demo, metrics, openapi_json, state};
use sturvek_speech::{Language, Units, Voice, english};
use sturvek_store::Jobs;
use sturvek_store::backup::{Restored, backup, restore};
use tokio::net::TcpListener;
use tokio::signal::unix::{SignalKind, signal};
use tokio_rustls::TlsAcceptor;
use tokio_util::sync::CancellationToken;

type Failure = Box<dyn std::error::Error>;

/// Openings in load-bearing walls.
#[derive(Parser)]
#[command(name = "sturvek", version, about)]
struct Arguments {
    #[command(subcommand)]
    command: Command,
}

#[derive(Subcommand)]
enum Command {
    /// Serves the page and the API on loopback.
    Serve {
        /// Address of the database; or of it and its standby, a space between.
        #[arg(long, env = "STURVEK_DATABASE_URL", hide_env_values = true)]
        database: String,
        /// Port to serve on; 0 takes any free one.
        #[arg(long, default_value_t = 4860)]
        port: u16,
        /// Start without the demo job.
        #[arg(long)]
        empty: bool,
        /// How the log is written.
        #[arg(long, value_enum, default_value_t = LogForm::Text)]
        log: LogForm,
        /// Serve the owner's paired phones and tablets over the network too; this folder keeps the certificate.
        #[arg(long, value_name = "FOLDER")]
        on_site: Option<PathBuf>,
        /// Port that they are served on.
        #[arg(long, default_value_t = 4863, requires = "on_site")]
        on_site_port: u16,
        /// Where the figures of a place are asked, on this machine, such as sturvek stand-in places. Without it they are typed.
        #[arg(long, env = "STURVEK_PLACES_URL", value_name = "ADDRESS")]
        places: Option<String>,
        /// Where prices of lumber are asked, on this machine, such as sturvek stand-in yard. Without it no sticks are planned.
        #[arg(long, env = "STURVEK_YARD_URL", value_name = "ADDRESS")]
        yard: Option<String>,
        /// Port on loopback on which Prometheus reads what to watch; 0 takes any free one. Without it nothing is counted.
        #[arg(long)]
        metrics: Option<u16>,
    },
    /// Writes all jobs into a file, while a server serves them or not.
    Backup {
        /// The file; it must not be there yet.
        file: PathBuf,
        /// Address of the database.
        #[arg(long, env = "STURVEK_DATABASE_URL", hide_env_values = true)]
        database: String,
    },
    /// Puts a backup in the place of all jobs; what was there stays in a database of another name.
    Restore {
        /// The file that sturvek backup wrote.
        file: PathBuf,
        /// Address of the database, of somebody who may make databases: bin/database owner prints it.
        #[arg(long, env = "STURVEK_DATABASE_URL", hide_env_values = true)]
        database: String,
    },
    /// Answers a file of header problems, as JSON.
    Size {
        /// The file; - for standard input.
        file: PathBuf,
    },
    /// Follows the loads of houses, given as JSON, to the ground and prints the answers as JSON.
    Path {
        /// The file with the houses; - for standard input.
        file: PathBuf,
    },
    /// Plans which sticks to buy and what to cut from each, for lists of pieces given as JSON; or prints what is cut of a job file.
    Cut {
        /// The file with the lists, or the job file; - for standard input.
        file: PathBuf,
    },
    /// Prints what every wall of a job file weighs, where its weight is, who lifts it and in how many panels.
    Raise {
        /// The job file; - for standard input.
        file: PathBuf,
    },
    /// Answers what stands while a wall is taken out between temporary ones, for sections along the joists given as JSON.
    Shore {
        /// The file; - for standard input.
        file: PathBuf,
    },
    /// Prints the members and marks of every wall of a job file, as JSON.
    Frame {
        /// The job file; - for standard input.
        file: PathBuf,
    },
    /// Prints the ticket of every opening of a job file, as JSON.
    Tickets {
        /// The job file; - for standard input.
        file: PathBuf,
    },
    /// Writes every sheet of a job file as PDF: wall sheets, plate lists, cut lists, calculation sheets.
    Print {
        /// The job file; - for standard input.
        file: PathBuf,
        /// Where to; - for standard output. Beside the job file where it is left out.
        #[arg(long, value_name = "FILE")]
        to: Option<PathBuf>,
        /// On which paper.
        #[arg(long, value_enum, default_value_t = PaperSize::Letter)]
        paper: PaperSize,
        /// In Spanish.
        #[arg(long)]
        spanish: bool,
        /// In millimeters.
        #[arg(long)]
        millimeters: bool,
    },
    /// Prints a block of the header tables on the code tables' basis, as JSON.
    Table {
        /// The block, such as roof_ceiling.
        #[arg(long)]
        block: String,
    },
    /// Serves a stand-in of a service outside, on loopback: everything it says is made up.
    StandIn {
        /// Of which.
        #[command(subcommand)]
        of: StandIn,
    },
    /// Prints the API's OpenAPI document.
    Openapi,
}

/// What there is a stand-in of.
#[derive(Subcommand)]
enum StandIn {
    /// The service that answers the name of a place with its snow, wind, frost and edition.
    Places {
        /// Port to serve on; 0 takes any free one.
        #[arg(long, default_value_t = 4864)]
        port: u16,
        /// Lets everybody wait so many seconds.
        #[arg(long, default_value_t = 0)]
        slow: u64,
        /// Talks nonsense.
        #[arg(long)]
        nonsense: bool,
    },
    /// The yard that sells lumber: its names and prices.
    Yard {
        /// Port to serve on; 0 takes any free one.
        #[arg(long, default_value_t = 4865)]
        port: u16,
        /// Lets everybody wait so many seconds.
        #[arg(long, default_value_t = 0)]
        slow: u64,
        /// Answers that it is closed.
        #[arg(long)]
        closed: bool,
        /// Talks nonsense.
        #[arg(long)]
        nonsense: bool,
        /// Is dearer by so many percent once it has quoted some.
        #[arg(long, default_value_t = 0, value_parser = clap::value_parser!(i64).range(-50..=200))]
        dearer: i64,
    },
}

/// A size of paper.
#[derive(Clone, Copy, clap::ValueEnum)]
enum PaperSize {
    /// 8 1/2 by 11 in.
    Letter,
    /// 210 by 297 mm.
    A4,
}

/// How the log is written, on standard error.
#[derive(Clone, Copy, clap::ValueEnum)]
enum LogForm {
    /// A line of text for each.
    Text,
    /// A line of JSON for each.
    Json,
}

#[tokio::main]
async fn main() -> ExitCode {
    match run(Arguments::parse().command).await {
        Ok(()) => ExitCode::SUCCESS,
        Err(error) => {
            eprintln!("sturvek: {error}");
            ExitCode::FAILURE
        }
    }
}

async fn run(command: Command) -> Result<(), Failure> {
    match command {
        Command::Serve { database, port, empty, log, on_site, on_site_port, places, yard, metrics } => {
            begin_log(log);
            let on_site = on_site.map(|folder| (folder, on_site_port));
            let places = places.as_deref().map(Places::at).transpose()?;
            let yard = yard.as_deref().map(Yard::at).transpose()?;
            serve(Serving { database, port, empty, on_site, places, yard, metrics }).await
        }
        Command::Backup { file, database } => {
            backup(&database, &file).await?;
            tell(&format!("All jobs are in {}.", file.display()))
        }
        Command::Restore { file, database } => {
            let Restored { jobs, before } = restore(&database, &file).await?;
            let before =
                before.map(|before| format!(" What was there before is in the database {before}.")).unwrap_or_default();
            tell(&format!("{jobs} job{} read through and put back.{before}", if jobs == 1 { "" } else { "s" }))
        }
        Command::Size { file } => tell(&serde_json::to_string_pretty(&header_cases::answer_all(&read(&file)?)?)?),
        Command::Path { file } => tell(&serde_json::to_string_pretty(&path_cases::answer_all(&read(&file)?)?)?),
        Command::Cut { file } => cut(&read(&file)?),
        Command::Raise { file } => tell(&serde_json::to_string_pretty(&raise_file(&JobPlan::of(job_in(&file)?)))?),
        Command::Shore { file } => tell(&serde_json::to_string_pretty(&shore_cases::answer_all(&read(&file)?)?)?),
        Command::Frame { file } => tell(&serde_json::to_string_pretty(&framed(&job_in(&file)?))?),
        Command::Tickets { file } => tell(&serde_json::to_string_pretty(&tickets(&job_in(&file)?))?),
        Command::Print { file, to, paper, spanish, millimeters } => {
            let language = if spanish { Language::Spanish } else { Language::English };
            let units = if millimeters { Units::Metric } else { Units::FeetAndInches };
            let size = match paper {
                PaperSize::Letter => Size::Letter,
                PaperSize::A4 => Size::A4,
            };
            print(&file, to, size, Voice { language, units, ..Voice::default() })
        }
        Command::Table { block } => tell(&serde_json::to_string_pretty(&header_table::table(&block)?)?),
        Command::StandIn { of: StandIn::Places { port, slow, nonsense } } => {
            let app = stand_in::app(Behaves { slow: Duration::from_secs(slow), nonsense });
            stand_in_at(port, "Places, all made up, are", app).await
        }
        Command::StandIn { of: StandIn::Yard { port, slow, closed, nonsense, dearer } } => {
            let app = yard::stand_in::app(yard::stand_in::Behaves {
                slow: Duration::from_secs(slow),
                closed,
                nonsense,
                dearer,
            });
            stand_in_at(port, "A yard, all of it made up, is", app).await
        }
        Command::Openapi => tell(openapi_json()?.trim_end()),
    }
}

/// Answers lists of pieces, which are a JSON list; or prints what is cut of a job, which is an object.
fn cut(bytes: &[u8]) -> Result<(), Failure> {
    let is_object = bytes.iter().find(|byte| !byte.is_ascii_whitespace()) == Some(&b'{');
    if is_object {
        let job = read_job(bytes).map_err(|error| english(&error.phrase()))?;
        return tell(&serde_json::to_string_pretty(&cut_file(&JobPlan::of(job)))?);
    }
    tell(&serde_json::to_string_pretty(&cut_cases::answer_all(bytes)?)?)
}

/// Writes every sheet of the job in a file.
fn print(file: &Path, to: Option<PathBuf>, size: Size, voice: Voice) -> Result<(), Failure> {
    let printed = Printed { version: None, date: chrono::Utc::now().format("%Y-%m-%d").to_string() };
    let bytes = write_pdf(&sheets_of(&JobPlan::of(job_in(file)?), &printed), size, voice)?;
    let to = to.unwrap_or_else(|| if file.as_os_str() == "-" { "-".into() } else { file.with_extension("pdf") });
    if to.as_os_str() == "-" {
        return Ok(std::io::stdout().write_all(&bytes)?);
    }
    std::fs::write(&to, bytes).map_err(|error| format!("{} cannot be written: {error}", to.display()))?;
    tell(&format!("The sheets are in {}.", to.display()))
}

/// Prints an answer. Who stops reading halfway, as `head` does, has read enough.
fn tell(answer: &str) -> Result<(), Failure> {
    match writeln!(std::io::stdout(), "{answer}") {
        Err(error) if error.kind() != std::io::ErrorKind::BrokenPipe => Err(error.into()),
        _ => Ok(()),
    }
}

/// What stands in a file, or comes in on standard input.
fn read(file: &Path) -> Result<Vec<u8>, Failure> {
    if file.as_os_str() == "-" {
        let mut bytes = Vec::new();
        std::io::stdin().read_to_end(&mut bytes)?;
        return Ok(bytes);
    }
    Ok(std::fs::read(file).map_err(|error| format!("{} cannot be read: {error}", file.display()))?)
}

/// The job in a file.
fn job_in(file: &Path) -> Result<Job, Failure> {
    Ok(read_job(&read(file)?).map_err(|error| english(&error.phrase()))?)
}

/// Begins the log. `RUST_LOG` says what goes into it; by itself what needs somebody's attention.
fn begin_log(form: LogForm) {
    let filter = tracing_subscriber::EnvFilter::try_from_default_env().unwrap_or_else(|_| "warn".into());
    let log = tracing_subscriber::fmt().with_env_filter(filter).with_writer(std::io::stderr);
    match form {
        LogForm::Text => log.init(),
        LogForm::Json => log.json().flatten_event(true).init(),
    }
}

/// A port.
async fn listen(at: IpAddr, port: u16, option: &str) -> Result<TcpListener, Failure> {
    let address = SocketAddr::new(at, port);
    Ok(TcpListener::bind(address).await.map_err(|error| match error.kind() {
        std::io::ErrorKind::AddrInUse => format!("port {port} is taken. Choose another with {option}."),
        _ => format!("port {port} cannot be used: {error}"),
    })?)
}

const LOOPBACK: IpAddr = IpAddr::V4(Ipv4Addr::LOCALHOST);

/// What is served, and where.
struct Serving {
    database: String,
    port: u16,
    empty: bool,
    on_site: Option<(PathBuf, u16)>,
    places: Option<Places>,
    yard: Option<Yard>,
    metrics: Option<u16>,
}

async fn serve(Serving { database, port, empty, on_site, places, yard, metrics }: Serving) -> Result<(), Failure> {
    // The ports first: a taken one should be said at once.
    let listener = listen(LOOPBACK, port, "--port").await?;
    let watched = match metrics {
        Some(port) => Some((listen(LOOPBACK, port, "--metrics").await?, metrics::begin()?)),
        None => None,
    };
    let on_site = match on_site {
        Some((folder, port)) => Some(OnSiteAt::begin(&folder, port).await?),
        None => None,
    };
    let jobs = Jobs::open(&database).await.map_err(|error| format!("the database does not answer. {error}"))?;
    jobs.migrate().await.map_err(|error| format!("the database cannot be brought up to date: {error}"))?;
    if !empty && demo::load_once(&jobs).await? {
        eprintln!("The demo job is loaded.");
    }
    // Listened for before the address is said: whoever reads it may ask to stop at once.
    let asked_to_stop = stop_signals()?;
    let served = ServedAs::loopback(listener.local_addr()?);
    let mut state = state(jobs);
    state.places = places;
    state.yard = yard;
    state.site = on_site.as_ref().map(|at| at.site.clone());
    tokio::spawn(state.changes.clone().hear(state.jobs.clone()));
    if let Some((listener, counted)) = watched {
        println!("Metrics are at http://{}/metrics", listener.local_addr()?);
        let page = metrics::page(counted, state.clone(), ServedAs::loopback(listener.local_addr()?));
        tokio::spawn(connections::serve(listener, Over::Loopback, page, std::future::pending()));
    }
    println!("Sturvek is at http://{}", listener.local_addr()?);
    let stop = CancellationToken::new();
    let devices = async {
        let Some(OnSiteAt { listener, over, site }) = on_site else { return Ok(()) };
        tell(&site.told())?;
        tokio::spawn(site.clone().keep_up());
        tokio::spawn(tell_of_pairing(site.clone()));
        connections::serve(listener, over, app_on_site(state.clone(), site), stop.cancelled()).await;
        Ok(())
    };
    let here = async {
        let asked_to_stop = async {
            asked_to_stop.await;
            state.changes.close();
        };
        connections::serve(listener, Over::Loopback, app_over(state.clone(), served), asked_to_stop).await;
        stop.cancel();
    };
    tokio::join!(devices, here).0
}

/// Serves a stand-in until it is asked to stop.
async fn stand_in_at(port: u16, what: &str, app: Router) -> Result<(), Failure> {
    let listener = listen(LOOPBACK, port, "--port").await?;
    let asked_to_stop = stop_signals()?;
    tell(&format!("{what} at http://{}", listener.local_addr()?))?;
    Ok(axum::serve(listener, app).with_graceful_shutdown(asked_to_stop).await?)
}

/// This machine as devices reach it, and where it listens for them.
struct OnSiteAt {
    listener: TcpListener,
    over: Over,
    site: Arc<OnSite>,
}

impl OnSiteAt {
    async fn begin(folder: &Path, port: u16) -> Result<Self, Failure> {
        let option = "--on-site-port";
        let listener = match listen(IpAddr::V6(Ipv6Addr::UNSPECIFIED), port, option).await {
            Ok(listener) => listener,
            // A machine without IPv6.
            Err(_) => listen(IpAddr::V4(Ipv4Addr::UNSPECIFIED), port, option).await?,
        };
        let site = OnSite::begin(folder, listener.local_addr()?.port())?;
        let over = Over::Network(TlsAcceptor::from(Arc::new(site.encryption()?)), site.clone());
        Ok(Self { listener, over, site })
    }
}

/// Says in the terminal that a device was paired, and the code for the next one.
async fn tell_of_pairing(site: Arc<OnSite>) {
    let mut paired = site.paired();
    while paired.changed().await.is_ok() {
        let name = paired.borrow_and_update().clone().unwrap_or_default();
        if let Err(error) = tell(&format!("{name} is paired.\n{}", site.told())) {
            tracing::warn!("what was paired is not said: {error}");
        }
    }
}

/// Ends when somebody presses Ctrl-C or the process is asked to terminate, from the moment this is called.
fn stop_signals() -> std::io::Result<impl Future<Output = ()>> {
    let mut terminate = signal(SignalKind::terminate())?;
    let mut interrupt = signal(SignalKind::interrupt())?;
    Ok(async move {
        tokio::select! {
            _ = terminate.recv() => {}
            _ = interrupt.recv() => {}
        }
    })
}
