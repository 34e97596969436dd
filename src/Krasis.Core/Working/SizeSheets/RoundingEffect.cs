using Krasis.Core.Quantities;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Working.SizeSheets;

/// <summary>What rounding to the bar has done to a size.</summary>
/// <param name="Before">What it would taste like if the bar could pour what scaling asked for.</param>
/// <param name="Strength">By how much rounding has made it stronger; negative for weaker; null when not known.</param>
/// <param name="Sweetness">By how much rounding has made it sweeter; negative for less sweet; null when not
/// known.</param>
public sealed record RoundingEffect(Taste Before, Percent? Strength, Percent? Sweetness)
{
    /// <summary>Whether anything was rounded.</summary>
    internal bool IsRounded { get; init; }

    /// <summary>The same in a sentence; empty where nothing was rounded. Put together when it is asked for.</summary>
    public string Says
    {
        get
        {
            var parts = new List<string>(2);
            Add(Strength, "stronger", "weaker");
            Add(Sweetness, "sweeter", "less sweet");
            return !IsRounded ? ""
                : parts.Count == 0 ? "Rounding hardly changes the taste."
                : $"Rounding makes it {string.Join(" and ", parts)}.";

            void Add(Percent? by, string more, string less)
            {
                if (by is { } percent && Math.Abs(percent.Value) >= Drift.Noticeable)
                {
                    parts.Add($"{Say.Whole(Math.Abs(percent.Value))} % {(percent.Value > 0 ? more : less)}");
                }
            }
        }
    }
}
