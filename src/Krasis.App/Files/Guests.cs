using System.Text.Json;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Exchange.Bundles;

namespace Krasis.App.Files;

/// <summary>The drinks in a bundle, and the bar that they come from.</summary>
/// <param name="House">Which house that is.</param>
/// <param name="Builds">The drinks.</param>
/// <param name="Bar">The bar.</param>
public sealed record Guests(string House, IReadOnlyList<BundledBuild> Builds, BarDocument Bar)
{
    private static readonly IReadOnlyList<string> States = [.. Enum.GetValues<BuildState>().Select(Choice.Word)];

    /// <summary>Reads the drinks of a bundle, of whichever scope.</summary>
    public static Reading<Guests> Of(Bundle bundle)
    {
        try
        {
            var read = bundle.Manifest.Scope == BundleManifest.WholeHouse ? OfHouse(bundle) : OfDrinks(bundle);
            if (read?.Builds.FirstOrDefault(one => !States.Contains(one.State)) is { } odd)
            {
                throw new FormatException(
                    $"'{odd.State}' is not how far a drink can have come; {string.Join(", ", States)} would be."
                );
            }

            return read is null
                ? Problem.At(
                    "file",
                    null,
                    "There is nothing in it that this program can read.",
                    "a .krasis file as Krasis writes it"
                )
                : Reading<Guests>.Of(
                    read with
                    {
                        Builds =
                        [
                            .. read.Builds.Select(one =>
                                one with
                                {
                                    Build = one.Build.WithoutNulls() with { Parent = null },
                                }
                            ),
                        ],
                    }
                );
        }
        catch (Exception e)
            when (e is JsonException or InvalidOperationException or KeyNotFoundException or FormatException)
        {
            return Problem.At(
                "file",
                null,
                $"A document in it is not as its schema says: {e.Message}",
                "a .krasis file as Krasis writes it"
            );
        }
    }

    private static Guests? OfDrinks(Bundle bundle) =>
        bundle.Of(BundleJson.Bar).Select(Whole<BundledBar>).ToList() is [{ Schema: BundledBar.Newest } bar]
        && bundle.Of(BundleJson.Build).Select(Whole<BundledBuild>).ToList() is { Count: > 0 } builds
        && builds.TrueForAll(build => build.Schema == BundledBuild.Newest)
            ? new Guests(bundle.Manifest.House, [.. builds.DistinctBy(build => build.Id)], bar.Bar)
            : null;

    private static Guests OfHouse(Bundle bundle)
    {
        var bar = new Gathering([.. Rows(bundle, "bar_fact").OrderBy(row => row.GetProperty("position").GetInt64())]);
        BarKinds.Each(bar);
        return new Guests(
            bundle.Manifest.House,
            [
                .. Rows(bundle, "build")
                    .Where(row => !row.TryGetProperty("deleted_at", out _))
                    .Select(row => new BundledBuild(
                        BundledBuild.Newest,
                        Text(row, "id"),
                        Text(row, "state"),
                        Document<BuildDocument>(row)
                    )),
            ],
            bar.Bar
        );
    }

    private static IEnumerable<JsonElement> Rows(Bundle bundle, string table) =>
        bundle
            .Of(BundleJson.Table)
            .Where(document => document.GetProperty("table").GetString() == table)
            .SelectMany(document => document.GetProperty("rows").EnumerateArray());

    // In the rows of a table anything may be missing, or null.
    private static string Text(JsonElement row, string name) =>
        row.GetProperty(name).GetString() ?? throw new FormatException($"A row says no {name}.");

    private static T Document<T>(JsonElement row)
        where T : class => Whole<T>(row.GetProperty("document"));

    // Whatever their types say, lists may hold nulls, which nothing that Krasis writes does, and nothing after this
    // looks for.
    private static T Whole<T>(JsonElement document)
        where T : class =>
        HasHoles(document)
            ? throw new FormatException("There is nothing in a place of one of its lists.")
            : document.Deserialize<T>(BundleJson.Options) ?? throw new FormatException("A row has no document.");

    private static bool HasHoles(JsonElement element) =>
        element.ValueKind switch
        {
            JsonValueKind.Array => element
                .EnumerateArray()
                .Any(one => one.ValueKind == JsonValueKind.Null || HasHoles(one)),
            JsonValueKind.Object => element.EnumerateObject().Any(field => HasHoles(field.Value)),
            _ => false,
        };

    private sealed class Gathering(IReadOnlyList<JsonElement> facts) : IBarKindVisitor
    {
        public BarDocument Bar { get; private set; } = new();

        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class =>
            Bar = kind.Into(
                Bar,
                [
                    .. facts
                        .Where(row => row.GetProperty("kind").GetString() == kind.Name)
                        .Select(row => kind.Named(Document<TDocument>(row), Text(row, "id"))),
                ]
            );
    }
}
