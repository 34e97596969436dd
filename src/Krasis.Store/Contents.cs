using System.Text.Json;
using Krasis.Core.Bar.Kinds;
using Krasis.Store.Files;

namespace Krasis.Store;

/// <summary>What is in a data file or a copy, read by this program as it would read it at work. The file itself is not
/// touched.</summary>
/// <param name="Says">How much of what.</param>
/// <param name="Faults">What cannot be read, in words; none where all can.</param>
public sealed record Contents(string Says, IReadOnlyList<string> Faults)
{
    /// <summary>Reads a file whose pages are good.</summary>
    /// <param name="path">The file.</param>
    /// <exception cref="KrasisFileException">It cannot be brought up to date.</exception>
    public static Contents Of(string path)
    {
        var folder = Directory.CreateTempSubdirectory("krasis-check-");
        try
        {
            var copy = System.IO.Path.Combine(folder.FullName, "krasis.db");
            Copies.Make(path, copy);
            return KrasisFile.Open(copy).Read(Of);
        }
        finally
        {
            KrasisFile.LetGo(System.IO.Path.Combine(folder.FullName, "krasis.db"));
            folder.Delete(recursive: true);
        }
    }

    /// <summary>Reads everything in a session.</summary>
    public static Contents Of(Session session)
    {
        var faults = new List<string>();
        var bar = new BarCount(session, faults);
        BarKinds.Each(bar);
        var heads = session.Builds.Heads();
        var standards = 0;
        foreach (var head in heads)
        {
            Try(() => session.Builds.Find(head.Id), $"build {head.Id}");
            Try(() => session.Builds.Revisions(head.Id), $"the history of build {head.Id}");
            Try(() => standards += session.Standards.List(head.Id).Count, $"the standards of build {head.Id}");
        }

        var deleted = Try(session.Builds.ListDeleted, "the deleted builds")?.Count ?? 0;
        var makes = session.Makes.CountSince(DateTimeOffset.UnixEpoch);
        var tastings = session.Tastings.List().Count;
        var moves = session.Prep.BookLength;
        return new Contents(
            $"{Count(heads.Count, "build")}, {Count(deleted, "deleted build")}, {Count(standards, "standard")}, {Count(bar.Facts, "fact")} of the bar, {Count(makes, "make")}, {Count(tastings, "tasting")}, {Count(moves, "line")} in the book of stock",
            faults
        );

        T? Try<T>(Func<T> read, string what)
        {
            try
            {
                return read();
            }
            catch (JsonException e)
            {
                faults.Add($"{what} cannot be read ({e.Message})");
                return default;
            }
        }
    }

    private static string Count(long number, string what) => number == 1 ? $"1 {what}" : $"{number} {what}s";

    private sealed class BarCount(Session session, List<string> faults) : IBarKindVisitor
    {
        public int Facts { get; private set; }

        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            try
            {
                Facts += session.Bar.List(kind).Count;
            }
            catch (JsonException e)
            {
                faults.Add($"{kind.Name} cannot be read ({e.Message})");
            }
        }
    }
}
