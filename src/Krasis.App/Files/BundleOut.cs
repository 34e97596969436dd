using System.Globalization;
using System.Text.Json;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Exchange.Bundles;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.House;

namespace Krasis.App.Files;

/// <summary>Packs drinks with what they rest on, or everything.</summary>
public static class BundleOut
{
    /// <summary>Packs drinks as they are now.</summary>
    public static byte[] Drinks(Session session, IReadOnlyList<StoredBuild> builds, DateTimeOffset now)
    {
        var numbers = session.Standards.Numbers();
        var bar = BarSubset.For([.. builds.Select(build => build.Document)], session.Bar.Whole());
        return BundleFile.Write(
            Manifest(session, BundleManifest.Drinks, now, tables: 0),
            [
                ("bar.json", BundleJson.Bar, Document(new BundledBar(BundledBar.Newest, bar))),
                .. builds
                    .OrderBy(build => build.Id, StringComparer.Ordinal)
                    .Select(build =>
                        (
                            $"builds/{build.Id}.json",
                            BundleJson.Build,
                            Document(
                                new BundledBuild(
                                    BundledBuild.Newest,
                                    build.Id,
                                    Choice.Word(build.State),
                                    build.Document with
                                    {
                                        Parent = null,
                                    },
                                    numbers.TryGetValue(build.Id, out var number) ? number : null
                                )
                            )
                        )
                    ),
            ]
        );
    }

    /// <summary>Packs everything, a row after another: however many years there are, no table has to be held.</summary>
    public static void House(Stream to, Session session, DateTimeOffset now) =>
        BundleFile.Write(
            to,
            Manifest(session, BundleManifest.WholeHouse, now, KrasisFile.Version),
            HouseStore
                .Tables.Order(StringComparer.Ordinal)
                .Select(name => ($"tables/{name}.json", BundleJson.Table, Table(session, name)))
        );

    private static Action<Utf8JsonWriter> Table(Session session, string name) =>
        json =>
        {
            json.WriteStartObject();
            json.WriteString("schema", string.Create(CultureInfo.InvariantCulture, $"{name}-{KrasisFile.Version}"));
            json.WriteString("table", name);
            json.WritePropertyName("rows");
            TableJson.Write(json, session.House.Columns(name), session.House.Rows(name));
            json.WriteEndObject();
        };

    private static Action<Utf8JsonWriter> Document<T>(T document) =>
        json => JsonSerializer.Serialize(json, document, BundleJson.Options);

    private static BundleManifest Manifest(Session session, string scope, DateTimeOffset now, int tables) =>
        new(BundleManifest.Krasis, BundleManifest.Newest, scope, session.House.Id, now.ToUniversalTime(), tables, []);
}
