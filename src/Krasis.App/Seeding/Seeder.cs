using System.Globalization;
using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.RegularExpressions;
using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Store;
using Krasis.Store.Standards;

namespace Krasis.App.Seeding;

/// <summary>Fills a fresh data file, so that nobody starts before an empty bar.</summary>
public static partial class Seeder
{
    /// <summary>The demo café.</summary>
    public const string Demo = "plover-lock.json";

    /// <summary>A plain bar to be replaced by one's own.</summary>
    public const string Starter = "starter-bar.json";

    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        ReadCommentHandling = JsonCommentHandling.Skip,
        AllowTrailingCommas = true,
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
    };

    /// <summary>Fills the file if nothing is known of a bar in it; leaves it alone otherwise.</summary>
    public static void FillIfFresh(KrasisFile file, bool demo, TimeProvider clock) =>
        file.Write(session =>
        {
            if (!session.Bar.IsEmpty)
            {
                return false;
            }

            var seed = Load(demo ? Demo : Starter, clock.Today());
            BarKinds.Each(new Adding(session, seed.Bar, clock.GetUtcNow()));
            var ids = seed.Builds.ToDictionary(build => build.Name!, _ => Guid.CreateVersion7().ToString());
            foreach (var build in seed.Builds)
            {
                AddBuild(
                    build.Parent is { } parent
                        ? build with
                        {
                            Parent = parent with { Build = ids[parent.Build!] },
                        }
                        : build
                );
            }

            if (demo)
            {
                SeedMakes.Fill(session, clock.GetUtcNow());
                SeedTastings.Fill(session, clock.GetUtcNow());
                SeedPrep.Fill(session, clock.Today(), clock.GetUtcNow());
            }

            return true;

            void AddBuild(BuildDocument build)
            {
                var (id, now) = (ids[build.Name!], clock.GetUtcNow());
                var version = 1;
                if (seed.Earlier.FirstOrDefault(entry => entry.Build == build.Name) is { } earlier)
                {
                    var then = new DateTimeOffset(earlier.On.ToDateTime(new TimeOnly(9, 0)), TimeSpan.Zero);
                    var was = build with
                    {
                        Lines =
                        [
                            .. build.Lines.Select(line =>
                                line.Id == earlier.Line ? line with { Amount = earlier.Amount } : line
                            ),
                        ],
                    };
                    session.Builds.Add(id, was, then);
                    Publish(session, id, was, seed.Bar, new Signature("", earlier.Reason, then));
                    session.Builds.Move(id, 1, BuildState.Standard, "", earlier.Reason, then);
                    session.Builds.Update(id, 2, build, now);
                    version = 3;
                }
                else
                {
                    session.Builds.Add(id, build, now);
                }

                if (seed.Published.Contains(build.Name))
                {
                    Publish(session, id, build, seed.Bar, new Signature("", "As it has been poured.", now));
                    session.Builds.Move(id, version, BuildState.Standard, "", "As it has been poured.", now);
                }
                else if (seed.OnTrial.Contains(build.Name))
                {
                    session.Builds.Move(id, version, BuildState.Trial, "", "To be tasted this week.", now);
                }
                else if (seed.Retired.FirstOrDefault(entry => entry.Build == build.Name) is { } retired)
                {
                    session.Builds.Move(id, version, BuildState.Retired, "", retired.Reason, now);
                }
            }
        });

    private static void Publish(Session session, string id, BuildDocument build, BarDocument bar, Signature signature)
    {
        var used = BarSubset.For(build, bar);
        var facts = BarReader.Read(used).Value;
        var frozen = FrozenStandard.Of(BuildReader.Read(build, facts).Value, facts);
        session.Standards.Add(id, build, used, frozen, signature);
    }

    /// <summary>Puts a bar in the place of the one that is kept, which no build may rest on.</summary>
    public static void Replace(Session session, BarDocument bar, DateTimeOffset now)
    {
        session.Bar.Clear();
        BarKinds.Each(new Adding(session, bar, now));
    }

    /// <summary>Loads a seed and reads all of it.</summary>
    /// <param name="name">Which one.</param>
    /// <param name="today">The day from which "today-12" in it is counted back.</param>
    /// <exception cref="InvalidOperationException">It cannot be read, which is a defect in this program.</exception>
    public static SeedDocument Load(string name, DateOnly today)
    {
        var assembly = Assembly.GetExecutingAssembly();
        using var stream = assembly.GetManifestResourceStream($"{typeof(Seeder).Namespace}.{name}")
            ?? throw new InvalidOperationException($"The seed '{name}' is not built in.");
        using var reader = new StreamReader(stream);
        var text = DaysAgo()
            .Replace(reader.ReadToEnd(), match =>
                today
                    .AddDays(-int.Parse(match.Groups[1].ValueSpan, CultureInfo.InvariantCulture))
                    .ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)
            );
        var seed = JsonSerializer.Deserialize<SeedDocument>(text, Options)!;
        var bar = BarReader.Read(seed.Bar).Value;
        foreach (var build in seed.Builds)
        {
            _ = BuildReader.Read(build, bar).Value;
        }

        return seed;
    }

    private sealed class Adding(Session session, BarDocument bar, DateTimeOffset now) : IBarKindVisitor
    {
        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            foreach (var document in kind.From(bar))
            {
                session.Bar.Add(kind, kind.Id(document)!, document, now);
            }
        }
    }

    [GeneratedRegex(@"today-([0-9]+)")]
    private static partial Regex DaysAgo();
}
