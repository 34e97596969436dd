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
                .. builds.Select(build =>
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
                ("bar.json", BundleJson.Bar, Document(new BundledBar(BundledBar.Newest, bar))),
            ]
        );
    }

    /// <summary>Packs everything.</summary>
    public static byte[] House(Session session, DateTimeOffset now) =>
        BundleFile.Write(
            Manifest(session, BundleManifest.WholeHouse, now, KrasisFile.Version),
            // One after another: the rows of a table need not be held while the next is read.
            [
                .. HouseStore.Tables.Select(name =>
                    ($"tables/{name}.json", BundleJson.Table, Table(session.House.Read(name)))
                ),
            ]
        );

    private static byte[] Table(HouseTable table) =>
        BundleFile.Document(json =>
        {
            json.WriteStartObject();
            json.WriteString(
                "schema",
                string.Create(CultureInfo.InvariantCulture, $"{table.Name}-{KrasisFile.Version}")
            );
            json.WriteString("table", table.Name);
            json.WritePropertyName("rows");
            TableJson.Write(json, table);
            json.WriteEndObject();
        });

    private static byte[] Document<T>(T document) =>
        BundleFile.Document(json => JsonSerializer.Serialize(json, document, BundleJson.Options));

    private static BundleManifest Manifest(Session session, string scope, DateTimeOffset now, int tables) =>
        new(BundleManifest.Krasis, BundleManifest.Newest, scope, session.House.Id, now.ToUniversalTime(), tables, []);
}
