using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Milk;

/// <summary>Milk is steamed too cold, too hot or from warm, has no foam level, or goes cold into a hot drink.</summary>
internal sealed class MilkTemperature() : LineCheck(onlyReference: true)
{
    // A splash of cold milk is a matter of taste, g.
    private const double Splash = 60;

    /// <inheritdoc/>
    public override string Name => "milk-temperature";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        if (!at.Line.IsInside || Trouble(at) is not { } trouble)
        {
            return null;
        }

        if (at.Whole.Build.Serve != Serve.Hot)
        {
            return Found(
                at,
                trouble.Severity,
                $"{at.Ingredient.Name} {trouble.What}",
                Mend.Lines(
                    "Pour it cold",
                    new LineChange(at.Line.Line.Id, LineField.Technique, null),
                    new LineChange(at.Line.Line.Id, LineField.Foam, null)
                )
            );
        }

        var level = FoamLevels.Right(at.Ingredient, at.Bar);
        return Found(
            at,
            trouble.Severity,
            $"{at.Ingredient.Name} {trouble.What}",
            level is null || level == at.Line.Foam
                ? null
                : Mend.Lines(
                    $"Steam it to {level.Name}",
                    new LineChange(at.Line.Line.Id, LineField.Technique, Techniques.Of(Technique.Steam)),
                    new LineChange(at.Line.Line.Id, LineField.Foam, level.Id.Value)
                )
        );
    }

    private static (Severity Severity, string What)? Trouble(LineSetting at)
    {
        var house = at.Bar.House;
        var line = at.Line;
        if (line.Line.Technique == Technique.Steam && at.Whole.Build.Serve != Serve.Hot)
        {
            return (Severity.Warning, "is steamed, and the drink is served cold.");
        }

        if (line.Line.Technique == Technique.Steam)
        {
            if (line.Foam is not { } foam)
            {
                return (Severity.Warning, "is to be steamed, and it is not said to which foam level.");
            }

            var limit = FoamLevels.Limit(at.Ingredient);
            return foam.To.Value > limit.Value
                    ? (Severity.Fault, $"is steamed to {Say.Degrees(foam.To)}; above {Say.Degrees(limit)} it scalds.")
                : line.Line.SteamedTo is not null ? null
                : foam.To.Value > house.MilkTo.Value
                    ? (
                        Severity.Warning,
                        $"is steamed to {Say.Degrees(foam.To)}, hotter than the house's {Say.Degrees(house.MilkTo)}."
                    )
                : foam.To.Value < house.MilkFrom.Value
                    ? (
                        Severity.Warning,
                        $"is steamed to {Say.Degrees(foam.To)} only, and the house wants {Say.Degrees(house.MilkFrom)} at least."
                    )
                : foam.From.Value > FoamLevels.WarmBefore.Value
                    ? (
                        Severity.Warning,
                        $"is {Say.Degrees(foam.From)} before it is steamed. Milk is steamed once, from the fridge."
                    )
                : null;
        }

        // A drink of which nothing goes in hot is a cold one without ice, whatever nobody has said.
        return
            at.Whole.Build.Serve == Serve.Hot
            && (
                at.Whole.Build.IsServeSaid
                || at.Worked.Lines.Any(other => other.IsPoured && other.Temperature >= PourOrder.Warm)
            )
            && at.Ingredient.Kind == IngredientKind.Milk
            && line.Mass >= Splash
            && line.Line.Technique is Technique.Pour or Technique.Stir
            && line.Temperature < PourOrder.Warm
            ? (Severity.Note, $"goes into a hot drink at {Say.Short(line.Temperature)} °C. Say that it is steamed.")
            : null;
    }
}
