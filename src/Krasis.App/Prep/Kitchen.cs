using Krasis.App.Shared;
using Krasis.App.Tastings;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Everything that prep goes by, as it is kept now.</summary>
public sealed class Kitchen
{
    /// <summary>How far back sales tell what to expect, days.</summary>
    public const int SalesDays = 84;

    /// <summary>How far back pours tell what is really poured, days.</summary>
    public const int PourDays = 28;

    // A batch that was done longer ago is in no plan any more.
    private const int DoneDays = 60;

    private const int MostPours = 2000;

    private readonly TimeProvider clock;

    private Kitchen(Session session, StandardNeeds standards, TimeProvider clock, IEnumerable<string>? more)
    {
        this.clock = clock;
        (Version, Document) = session.Prep.Find() is { } kept
            ? (kept.Version, Tasted.Read<PrepDocument>(kept.Document))
            : (0, new PrepDocument());
        Facts = PrepReader.Read(Document).Value;
        Today = clock.Today();
        Clock = new HouseClock(clock, Today, Facts.Days);
        Now = Math.Max(0, Clock.MinuteOf(clock.GetUtcNow()));
        BarDocument = session.Bar.Whole();
        Bar = BarReader.Read(BarDocument).Value;
        Catalogue = PrepCatalogue.Of(BarDocument, Bar, Facts);
        Stations = Bar.Stations.Count == 0 ? [""] : [.. Bar.Stations.Select(station => station.Id)];
        Kinds = session.Prep.Kinds();
        Drinks = session.Builds.Names();
        Sales = [.. session.Prep.Sold(Written(Today.AddDays(-SalesDays)), Written(Today)).Select(SoldRows.Read)];
        Lots = Stock.InOrderOfUse(session.Prep.LotsInStock().Select(LotBalances.ToLot));
        Done = session.Prep.DoneSince(Written(Today.AddDays(-DoneDays)));
        Set = session.Prep.Set();

        var poured = Poured(session, clock);
        var (needs, iced) = (new Dictionary<DrinkSize, IReadOnlyDictionary<Item, double>>(), new HashSet<string>());
        var states = session.Builds.Heads().ToDictionary(head => head.Id, head => head.State);
        var board = new Dictionary<string, Season?>();
        foreach (var (build, number) in session.Standards.Numbers())
        {
            // What was sold before it was taken off the board still came out of stock.
            var drinks = Stations.Select(station => (station, standards.Of(session, build, number, station))).ToList();
            drinks.ForEach(drink => Add(build, drink.station, drink.Item2));
            if (states.TryGetValue(build, out var state) && state == BuildState.Standard)
            {
                board[build] = drinks[0].Item2.Season;
            }
        }

        Board = new Board(board);
        Learner = new SalesLearner(Sales.Where(sold => sold.Day < Today), FactorOn, Board.Has);
        foreach (var id in (more ?? []).OfType<string>().Where(build => !board.ContainsKey(build)))
        {
            if (session.Builds.Find(id) is { } build)
            {
                Stations.ToList().ForEach(station => Add(id, station, StandardNeeds.Of(build.Document, Bar, station)));
            }
        }

        (Needs, Iced) = (needs, iced);

        void Add(string build, string station, StandardNeeds.Drink drink)
        {
            foreach (var (cup, need) in drink.Sizes)
            {
                needs[new DrinkSize(station, build, cup)] = PouredFactor.On(need, id =>
                    poured.GetValueOrDefault((station, id))
                );
            }

            if (drink.IsIced)
            {
                iced.Add(build);
            }
        }
    }

    public long Version { get; }

    public PrepDocument Document { get; }

    public PrepFacts Facts { get; }

    public DateOnly Today { get; }

    public HouseClock Clock { get; }

    public int Now { get; }

    public BarDocument BarDocument { get; }

    public BarFacts Bar { get; }

    public IReadOnlyDictionary<Item, PrepItem> Catalogue { get; }

    public IReadOnlyList<string> Stations { get; }

    public IReadOnlyDictionary<string, string> Kinds { get; }

    public IReadOnlyDictionary<string, string> Drinks { get; }

    /// <summary>What is on the board when.</summary>
    public Board Board { get; }

    public IReadOnlyList<Sold> Sales { get; }

    public SalesLearner Learner { get; }

    public IReadOnlySet<string> Done { get; }

    public IReadOnlyList<Lot> Lots { get; }

    public IReadOnlyList<SetBatchRow> Set { get; }

    public IReadOnlyDictionary<DrinkSize, IReadOnlyDictionary<Item, double>> Needs { get; }

    public IReadOnlySet<string> Iced { get; }

    /// <summary>Reads it.</summary>
    /// <param name="session">The file.</param>
    /// <param name="standards">What standards take.</param>
    /// <param name="clock">The clock.</param>
    /// <param name="more">Builds that are no standards and are to be counted in as they are saved.</param>
    public static Kitchen Of(
        Session session,
        StandardNeeds standards,
        TimeProvider clock,
        IEnumerable<string>? more = null
    ) => new(session, standards, clock, more);

    /// <summary>What a plan goes by.</summary>
    public PlanInput Input(Session session) =>
        new(
            Clock.Plan,
            Now,
            Facts,
            Catalogue,
            Expected(session, Today, Facts.Days),
            Board,
            Needs,
            Drinks,
            Lots,
            [
                .. Set.Select(set => (set, Item: Item.Find(set.Item)))
                    .Where(set => set.Item is not null)
                    .Select(set => new SetBatch(
                        set.set.Key,
                        set.Item!.Value,
                        set.set.Grams,
                        Clock.MinuteOf(Timestamp.Read(set.set.BeginAt)),
                        set.set.IsBegun == 1
                    )),
            ],
            Done
        );

    /// <summary>What is expected on some days: as somebody said, and otherwise as sales tell. Of what comes back on the
    /// board, what was sold last season tells until it has been sold on a few days.</summary>
    public IReadOnlyList<Expected> Expected(Session session, DateOnly from, int days)
    {
        var said = session
            .Prep.Expected(Written(from), Written(from.AddDays(days - 1)))
            .ToDictionary(row => (Day(row.Day), SizeOf(row)), row => row.Cups);
        var returned = new Dictionary<string, SalesLearner?>();
        var expected = new List<Expected>();
        foreach (var day in Enumerable.Range(0, days).Select(from.AddDays))
        {
            foreach (
                var what in Needs
                    .Keys.Concat(said.Keys.Where(key => key.Item1 == day).Select(key => key.Item2))
                    .Distinct()
            )
            {
                var isOpen = Facts.HoursOn(day).Opens is not null;
                if (said.TryGetValue((day, what), out var cups))
                {
                    expected.Add(new Expected(day, what, cups, cups * Learner.DispersionAt(what.Station), true));
                }
                else if (isOpen && Board.Has(what.Build, day) && Learned(day, what) is { Mean: > 0 } learned)
                {
                    expected.Add(learned);
                }
            }
        }

        return expected;

        Expected? Learned(DateOnly day, DrinkSize what)
        {
            if (Learner.DaysOf(what) >= SalesLearner.LeastDays)
            {
                return Learner.On(day, what);
            }

            if (!returned.TryGetValue(what.Build, out var before))
            {
                before = Board.LastSeason(what.Build, Today) is { } season ? LearnedIn(session, season) : null;
                returned[what.Build] = before;
            }

            return before?.On(day, what) ?? Learner.On(day, what);
        }
    }

    private SalesLearner LearnedIn(Session session, (DateOnly From, DateOnly To) season)
    {
        var from = season.From > season.To.AddDays(-SalesDays) ? season.From : season.To.AddDays(-SalesDays);
        var sold = session
            .Prep.Sold(Written(from), Written(season.To))
            .Select(SoldRows.Read)
            .Where(each => each.Day < Today);
        return new SalesLearner(sold, FactorOn, Board.Has);
    }

    /// <summary>The minute of the day, by the clock on the wall, at which a count was written: infinite if the count is for
    /// a later day or was written on another day.</summary>
    /// <param name="day">The day.</param>
    /// <param name="countedOn">The day of the count.</param>
    /// <param name="at">When it was written.</param>
    public double MinuteOfCount(DateOnly day, string countedOn, string at)
    {
        var moment = TimeZoneInfo.ConvertTime(Timestamp.Read(at), clock.LocalTimeZone);
        return countedOn == Written(day) && DateOnly.FromDateTime(moment.DateTime) == day
            ? moment.TimeOfDay.TotalMinutes
            : double.PositiveInfinity;
    }

    /// <summary>How many times as much as on an ordinary day is sold on a day.</summary>
    public double FactorOn(DateOnly day) =>
        Kinds.TryGetValue(Written(day), out var kind)
        && Facts.Kinds.FirstOrDefault(each => each.Id == kind) is { } known
            ? known.Factor
            : 1;

    /// <summary>What the bar calls an item.</summary>
    public string NameOf(Item item) => Catalogue.GetValueOrDefault(item)?.Name ?? item.Id;

    /// <summary>What the bar calls a cup.</summary>
    public string CupName(string id) => Bar.Cups.FirstOrDefault(cup => cup.Id.Value == id)?.Name ?? id;

    /// <summary>A day as the file has it.</summary>
    public static string Written(DateOnly day) => LotBalances.Day(day);

    /// <summary>The day that the file has so.</summary>
    public static DateOnly Day(string written) => LotBalances.Day(written);

    private static DrinkSize SizeOf(CupsRow row) => new(row.Station, row.Build, row.Size);

    private Dictionary<(string Station, string Ingredient), double?> Poured(Session session, TimeProvider clock) =>
        session
            .Makes.Amounts(clock.GetUtcNow().AddDays(-PourDays), MostPours)
            .GroupBy(pour => (pour.Station is { Length: > 0 } station ? station : Stations[0], pour.Ingredient))
            .ToDictionary(
                group => group.Key,
                group => PouredFactor.Of([.. group.Select(pour => (pour.Target, pour.Grams))])
            );
}
