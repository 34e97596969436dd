using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Editing;

/// <summary>Fits a build to its cups with the mixer itself.</summary>
internal static class Fitting
{
    private const int Rounds = 12;

    /// <summary>Milk or brewed coffee, whichever there is more of, takes what room is left: a little more or less of it, until the reference is full to
    /// the reserve and no further, and no other size runs over.</summary>
    /// <param name="build">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="leave">Room that is to be left in the reference size, ml; none by default.</param>
    public static BuildDocument Fill(BuildDocument build, BarFacts bar, double leave = 0)
    {
        // Whichever of milk and brewed coffee there is more of; a cap of milk on a brew has no room to give.
        var milk = Most(line => bar.Find(new IngredientId(line.Ingredient ?? "")) is { Kind: IngredientKind.Milk or IngredientKind.Coffee } && line.Measure == Measure.Millilitre.Code);
        var filler = milk >= 0 ? milk : build.Lines.ToList().FindIndex(line => line.Measure == Measure.Millilitre.Code);
        for (var round = 0; round < Rounds && filler >= 0; round++)
        {
            // As full as its fullest size lets the reference be: what is rounded up elsewhere must not run over.
            var sheet = Mixer.Mix(BuildReader.Read(build, bar, nameless: true).Value, bar);
            var size = sheet.Sizes.First(size => size.IsReference);
            var left = size.Fill.RoomLeft.Value - leave;
            var room = sheet.Sizes.Min(other => other.Fill.RoomLeft.Value / other.Fill.WorkingVolume.Value) is < 0 and var over ? Math.Min(left, over * size.Fill.WorkingVolume.Value) : left;
            var line = build.Lines[filler];
            var step = size.Lines[filler].Step;

            // Foam and steam make a millilitre of milk take up more than one.
            var amount = Math.Max(step, BarRounding.Round((line.Amount ?? 0) + (room * 0.75) - (step / 2), step));
            if (Math.Abs(amount - (line.Amount ?? 0)) < step / 2 && room >= 0)
            {
                break;
            }

            build = build with { Lines = [.. build.Lines.Select((other, i) => i == filler ? other with { Amount = amount } : other)] };
        }

        return build;

        int Most(Func<LineDocument, bool> which) => build.Lines.Select((line, i) => (line, i)).Where(entry => which(entry.line)).OrderByDescending(entry => entry.line.Amount).Select(entry => entry.i).FirstOrDefault(-1);
    }
}
