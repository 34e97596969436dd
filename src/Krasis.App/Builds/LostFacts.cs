using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Store;
using Krasis.Store.Bar;

namespace Krasis.App.Builds;

/// <summary>Brings back what a deleted build rests on and the bar has removed after it.</summary>
public static class LostFacts
{
    /// <summary>Brings back as little as lets the build be read: what it names first, what gives and makes that only
    /// where it must.</summary>
    /// <param name="session">Where; to be abandoned when the build still cannot be read.</param>
    /// <param name="build">The build.</param>
    /// <param name="now">When it is.</param>
    /// <returns>What came back, as the house calls it.</returns>
    public static IReadOnlyList<string> BringBack(Session session, BuildDocument build, DateTimeOffset now)
    {
        var back = new List<string>();
        foreach (var isNamed in (ReadOnlySpan<bool>)[true, false])
        {
            // What came back may have taken a name that another has by now; whoever asked for it finds that out.
            if (
                BarReader.Read(session.Bar.Whole()) is { IsRead: true } bar
                && !BuildReader.Read(build, bar.Value).IsRead
            )
            {
                var lost = new Lost(session);
                BarKinds.Each(lost);
                BarKinds.Each(new Returning(session, build, lost.Bar, isNamed, now, back));
            }
        }

        return back;
    }

    // The bar as it would be with all that was removed.
    private sealed class Lost(Session session) : IBarKindVisitor
    {
        private readonly IReadOnlyList<RemovedFact> removed = session.Bar.Removed();

        public BarDocument Bar { get; private set; } = session.Bar.Whole();

        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class =>
            Bar = removed
                .Where(fact => fact.Kind == kind.Name)
                .Aggregate(Bar, (bar, fact) => kind.With(bar, kind.Named(session.Bar.LastOf(kind, fact.Id)!, fact.Id)));
    }

    private sealed class Returning(
        Session session,
        BuildDocument build,
        BarDocument bar,
        bool isNamed,
        DateTimeOffset now,
        List<string> back
    ) : IBarKindVisitor
    {
        private static readonly BarKind[] Named = [BarKinds.Cups, BarKinds.Ingredients, BarKinds.Parts, BarKinds.Foams];

        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            foreach (
                var fact in session
                    .Bar.Removed()
                    .Where(fact =>
                        fact.Kind == kind.Name
                        && Named.Contains(kind) == isNamed
                        && BarSubset.Uses(build, bar, kind, fact.Id)
                    )
            )
            {
                session.Bar.Restore(kind, fact.Id, now);
                back.Add(fact.Name);
            }
        }
    }
}
