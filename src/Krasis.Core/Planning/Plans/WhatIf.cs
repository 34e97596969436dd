namespace Krasis.Core.Planning.Plans;

/// <summary>What is tried out beside the plan.</summary>
/// <param name="CupsPercent">All cups, % of what is expected; null for as it is.</param>
/// <param name="IcedPercent">Cups with ice, likewise.</param>
/// <param name="Without">The equipment of which one is down; null for none.</param>
/// <param name="Off">The builds that are off the board.</param>
/// <param name="Instead">The builds that take over the cups of those that are off, in equal shares; nobody when
/// empty.</param>
public sealed record WhatIf(
    double? CupsPercent,
    double? IcedPercent,
    string? Without,
    IReadOnlyList<string> Off,
    IReadOnlyList<string> Instead
)
{
    /// <summary>What the plan would go by.</summary>
    /// <param name="input">What it goes by.</param>
    /// <param name="isIced">Whether a build has ice in it.</param>
    /// <remarks>A drink that takes over cups takes them in the same cup where it has it, and otherwise in its own first
    /// one.</remarks>
    public PlanInput On(PlanInput input, Func<string, bool> isIced)
    {
        var cups = input
            .Expected.SelectMany(each =>
                Off.Contains(each.What.Build)
                    ? Instead.Select(build => Over(input, each, build)).OfType<Expecting.Expected>()
                    : [each]
            )
            .Select(each =>
                Times(each, (CupsPercent ?? 100) / 100 * (isIced(each.What.Build) ? (IcedPercent ?? 100) / 100 : 1))
            );
        return input with
        {
            Expected = [.. cups],
            Board = input.Board.With(Instead),
            Prep = input.Prep with
            {
                Equipment =
                [
                    .. input.Prep.Equipment.Select(each =>
                        each.Id == Without ? each with { Count = each.Count - 1 } : each
                    ),
                ],
            },
        };
    }

    private Expecting.Expected? Over(PlanInput input, Expecting.Expected cups, string build)
    {
        var same = cups.What with { Build = build };
        var what = input.Needs.ContainsKey(same)
            ? same
            : input
                .Needs.Keys.Where(each => each.Build == build && each.Station == cups.What.Station)
                .Cast<Expecting.DrinkSize?>()
                .FirstOrDefault();
        return what is { } size ? Times(cups with { What = size }, 1.0 / Instead.Count) : null;
    }

    private static Expecting.Expected Times(Expecting.Expected cups, double factor) =>
        cups with
        {
            Mean = cups.Mean * factor,
            Variance = cups.Variance * factor,
        };
}
