using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>Hot coffee goes straight on the ice and the drink turns watery: by hand-over the melt has made it much weaker than it
/// was poured.</summary>
internal sealed class HotOnTheIce : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "hot-on-the-ice";

    // An iced latte on cooled espresso loses 7 to 10 % of its strength to the ice, on hot espresso 15 to 20 % (worked with the sums
    // here); half way between is where it is the heat of the coffee (no source).
    private const double Watery = 12;

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        // Blended drinks are meant to hold their ice.
        if (worked.Poured.IceMass <= 0 || setting.Build.Serve == Serve.Blended)
        {
            yield break;
        }

        var hot = worked.Lines.Where((line, i) => line.Ingredient.IsCoffee && worked.Amounts[i] > 0 && line.Temperature >= PourOrder.Warm).ToList();
        var served = size.Moments[0];
        if (hot.Count == 0 || served.Strength is not { } strength || size.Taste.Strength is not { Value: > 0 } poured)
        {
            yield break;
        }

        var lost = (1 - (strength.Value / poured.Value)) * 100;
        if (lost > Watery)
        {
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                hot[0].Line.Id,
                $"{size.Name} is watery: {hot[0].Ingredient.Name} goes on the ice at {Say.Short(hot[0].Temperature)} °C, {Say.Short(served.Melt.Value)} g of ice melt by hand-over, and it is {Say.Short(lost)} % weaker than poured. Cool it first.",
                Mend.Lines("Cool it first", [.. hot.Select(line => new LineChange(line.Line.Id, LineField.Technique, "cool"))]));
        }
    }
}
