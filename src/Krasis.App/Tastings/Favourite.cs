using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Store;
using Krasis.Tasting.Choosing;
using Krasis.Tasting.Reading;

namespace Krasis.App.Tastings;

/// <summary>The version of a drink that tasters put before its other versions: the build can become what it was
/// then.</summary>
/// <param name="Sample">Its place among the samples.</param>
/// <param name="Says">What was found, in a sentence.</param>
/// <param name="Differs">How the build is now, and how it would be.</param>
/// <param name="NewFindings">What the checks find then that they do not find now.</param>
/// <param name="Trouble">Why the build cannot become it, or need not; null where it can.</param>
public sealed record Favourite(
    int Sample,
    string Says,
    IReadOnlyList<Difference> Differs,
    IReadOnlyList<Finding> NewFindings,
    string? Trouble
)
{
    /// <summary>The version that is liked better than every other version of the same drink that was tasted, each beyond
    /// chance; null where there is none, or where no two versions of a drink were tasted.</summary>
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
        var says = $"{tasted.Name} is liked better than what else was tasted of {tasted.BuildName}.";
        Favourite Nothing(string trouble) => new(sample, says, [], [], trouble);
        if (session.Builds.Find(id) is not { } stored)
        {
            return Nothing($"{tasted.BuildName} has been deleted since.");
        }

        var document = Becoming(stored.Document, tasted);
        if (Tasted.Write(stored.Document) == Tasted.Write(document))
        {
            return Nothing("It is what the build is now: leave it as it is.");
        }

        var bar = session.Bar.Facts();
        var (now, then) = (BuildReader.Read(stored.Document, bar), BuildReader.Read(document, bar));
        if (!now.IsRead || !then.IsRead)
        {
            return Nothing("The bar has changed since, and cannot pour it any more.");
        }

        var (stands, becomes) = (Mixer.Mix(now.Value, bar), Mixer.Mix(then.Value, bar));
        // Which line a finding names may change with the amounts: it is the same finding.
        var known = stands.Findings.Select(finding => (finding.Check, finding.Size)).ToHashSet();
        return new(
            sample,
            says,
            BuildDiff.Between(stored.Document, stands, document, becomes, bar),
            [.. becomes.Findings.Where(finding => !known.Contains((finding.Check, finding.Size)))],
            null
        );
    }

    /// <summary>The build as it was tasted; its name and what it is sold by stay as they are now.</summary>
    internal static BuildDocument Becoming(BuildDocument now, OpenedSample tasted) =>
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
