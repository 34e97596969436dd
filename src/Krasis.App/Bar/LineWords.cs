using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Input;

namespace Krasis.App.Bar;

/// <summary>What can be chosen of how a line goes in, as the core's catalogues have it.</summary>
/// <param name="Techniques">The techniques.</param>
/// <param name="Coolings">How a coffee is cooled.</param>
/// <param name="FoamTools">What milk is foamed with.</param>
/// <param name="Rules">What a line can follow from the reference size to another.</param>
/// <param name="Claims">What can be claimed of a drink.</param>
/// <param name="Allergens">The allergens that a label can name.</param>
/// <param name="Usual">What is taken where nothing is said.</param>
public sealed record LineWords(
    IReadOnlyList<TechniqueView> Techniques,
    IReadOnlyList<ChoiceView> Coolings,
    IReadOnlyList<ChoiceView> FoamTools,
    IReadOnlyList<ChoiceView> Rules,
    IReadOnlyList<ChoiceView> Claims,
    IReadOnlyList<AllergenView> Allergens,
    UsualView Usual
)
{
    /// <summary>All of them.</summary>
    public static LineWords All { get; } =
        new(
            [
                .. Core.Builds.Techniques.All.Select(facts => new TechniqueView(
                    facts.Code,
                    facts.Words,
                    facts.WantsFoam,
                    facts.Technique == Technique.Cool
                )),
            ],
            [.. Enum.GetValues<CoolingWay>().Select(way => new ChoiceView(Choice.Word(way), CoolingWays.Words(way)))],
            [.. Enum.GetValues<FoamTool>().Select(tool => new ChoiceView(Choice.Word(tool), FoamLevel.Words(tool)))],
            [.. ScalingWords.All.Select(rule => new ChoiceView(rule.Code, rule.Words))],
            [
                .. Enum.GetValues<Claim>()
                    .Select(claim => new ChoiceView(Choice.Word(claim), Core.Builds.Claims.Words(claim))),
            ],
            AllergenView.All,
            UsualView.All
        );
}

/// <summary>Something to choose.</summary>
/// <param name="Code">Its name in documents.</param>
/// <param name="Name">How it reads.</param>
public sealed record ChoiceView(string Code, string Name);

/// <summary>A technique to choose.</summary>
/// <param name="Code">Its name in documents.</param>
/// <param name="Name">How it reads.</param>
/// <param name="WantsFoam">Whether it is done to a foam level.</param>
/// <param name="Cools">Whether it is done in one of the ways of cooling.</param>
public sealed record TechniqueView(string Code, string Name, bool WantsFoam, bool Cools);
