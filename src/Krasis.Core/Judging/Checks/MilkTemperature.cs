using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Scaling;

namespace Krasis.Core.Judging.Checks;

/// <summary>Milk is steamed too cold, too hot or from warm, has no foam level, or goes cold into a hot drink.</summary>
internal sealed class MilkTemperature : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "milk-temperature";

    // Above about 70 °C milk scalds (common practice, no source).
    private const double Scalds = 70;

    // Milk that is warmer before the wand than a fridge left open has been warm before (common practice, no source).
    private const double WarmBefore = 10;

    // A splash of cold milk is a matter of taste.
    private const double Splash = 60;

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference)
        {
            yield break;
        }

        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (worked.Amounts[i] > 0 && !line.IsOnTop && Trouble(setting, line, worked.Mass(i)) is { } trouble)
            {
                var level = RightLevel(setting, line.Ingredient);
                yield return new Finding(
                    Name,
                    trouble.Severity,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: {line.Ingredient.Name} {trouble.What}",
                    level is null || level == line.Foam
                        ? null
                        : Mend.Lines($"Steam it to {level.Name}", new LineChange(line.Line.Id, LineField.Technique, "steam"), new LineChange(line.Line.Id, LineField.Foam, level.Id.Value)));
            }
        }
    }

    private static (Severity Severity, string What)? Trouble(Setting setting, LineFacts line, double grams)
    {
        var house = setting.Bar.House;
        if (line.Line.Technique == Technique.Steam)
        {
            if (line.Foam is not { } foam)
            {
                return (Severity.Warning, "is to be steamed, and it is not said to which foam level.");
            }

            var limit = line.Ingredient.SteamsBelow ?? Celsius.From(Scalds);
            return foam.To.Value > limit.Value ? (Severity.Fault, $"is steamed to {Say.Degrees(foam.To)}; above {Say.Degrees(limit)} it scalds.")
                : foam.To.Value > house.MilkTo.Value ? (Severity.Warning, $"is steamed to {Say.Degrees(foam.To)}, hotter than the house's {Say.Degrees(house.MilkTo)}.")
                : foam.To.Value < house.MilkFrom.Value ? (Severity.Warning, $"is steamed to {Say.Degrees(foam.To)} only, and the house wants {Say.Degrees(house.MilkFrom)} at least.")
                : foam.From.Value > WarmBefore ? (Severity.Warning, $"is {Say.Degrees(foam.From)} before it is steamed. Milk is steamed once, from the fridge.")
                : null;
        }

        return setting.Build.Serve == Serve.Hot && line.Ingredient.Kind == IngredientKind.Milk && grams >= Splash && line.Line.Technique is Technique.Pour or Technique.Stir && line.Temperature < PourOrder.Warm
            ? (Severity.Note, $"goes into a hot drink at {Say.Short(line.Temperature)} °C. Say that it is steamed.")
            : null;
    }

    private static FoamLevel? RightLevel(Setting setting, Ingredient milk) => setting.Bar.Foams
        .Where(foam => !foam.IsCold && foam.To.Value >= setting.Bar.House.MilkFrom.Value && foam.To.Value <= setting.Bar.House.MilkTo.Value
            && foam.To.Value <= (milk.SteamsBelow?.Value ?? Scalds) && foam.From.Value <= WarmBefore)
        .MinBy(foam => foam.Overrun);
}
