using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Standings;
using Krasis.Store;
using Krasis.Tasting.Choosing;
using Krasis.Tasting.Reading;

namespace Krasis.App.Tastings;

/// <summary>The version of a drink that tasters prefer to its other versions. The build can go back to it.</summary>
/// <param name="Sample">Its place among the samples.</param>
/// <param name="Says">What was found, in a sentence.</param>
/// <param name="Differs">What changes in the build.</param>
/// <param name="Worse">What gets worse with it.</param>
/// <param name="Trouble">Why the build cannot or need not go back to it; null if it can.</param>
public sealed record Favourite(
    int Sample,
    string Says,
    IReadOnlyList<Difference> Differs,
    IReadOnlyList<Finding> Worse,
    string? Trouble
)
{
    /// <summary>The version that tasters prefer to every other tasted version of the same drink, by more than chance. Null
    /// if there is none, or if only one version was tasted.</summary>
    internal static Favourite? Of(Session session, OpenedTasting opened, TastingResult result)
    {
        if (result.Order is not { Test: not null } order)
        {
            return null;
        }

        var drinks = order
            .Samples.Index()
            .GroupBy(each => opened.Samples[each.Item].Build)
            .Where(group =>
                group.Key is not null
                && group.Select(each => Tasted.Write(opened.Samples[each.Item].Document)).Distinct().Count() > 1
            );
        foreach (var drink in drinks)
        {
            var places = drink.Select(each => each.Index).ToList();
            var best = places.MinBy(place => order.Test.RankSums[place]);
            if (places.All(place => place == best || IsBetter(order, best, place)))
            {
                return Of(session, opened, order.Samples[best], drink.Key!);
            }
        }

        return null;
    }

    private static bool IsBetter(OrderResult order, int one, int other) =>
        order.Pairs.Any(pair =>
            pair.Probability <= ForcedChoice.UsualLevel
            && (
                (pair.First == one && pair.Second == other && pair.Difference > 0)
                || (pair.Second == one && pair.First == other && pair.Difference < 0)
            )
        );

    private static Favourite Of(Session session, OpenedTasting opened, int sample, string id)
    {
        var tasted = opened.Samples[sample];
        var says = $"Tasters prefer {tasted.Name} to the other versions of {tasted.BuildName}.";
        Favourite Nothing(string trouble) => new(sample, says, [], [], trouble);
        if (session.Builds.Find(id) is not { } stored)
        {
            return Nothing($"{tasted.BuildName} has been deleted since.");
        }

        var document = WithRecipeOf(stored.Document, tasted);
        if (Tasted.Write(stored.Document) == Tasted.Write(document))
        {
            return Nothing("The build is like this already.");
        }

        var bar = session.Bar.Facts();
        var (now, then) = (BuildReader.Read(stored.Document, bar), BuildReader.Read(document, bar));
        if (!now.IsRead || !then.IsRead)
        {
            return Nothing("The bar has changed since then. It can no longer pour this version.");
        }

        var (before, after) = (Mixer.Mix(now.Value, bar), Mixer.Mix(then.Value, bar));
        return new(
            sample,
            says,
            BuildDiff.Between(stored.Document, before, document, after, bar),
            ChangeFindings.Between(before, after),
            null
        );
    }

    /// <summary>The build as it was tasted, with its present name, tags, season, prices and claims.</summary>
    internal static BuildDocument WithRecipeOf(BuildDocument now, OpenedSample tasted) =>
        tasted.Document! with
        {
            Name = now.Name,
            Tags = now.Tags,
            Season = now.Season,
            Prices = now.Prices,
            Claims = now.Claims,
            Parent = now.Parent,
        };
}
