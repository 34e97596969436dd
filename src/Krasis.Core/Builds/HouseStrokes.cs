using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Input;

namespace Krasis.Core.Builds;

/// <summary>Lines that follow the house's flavour standard.</summary>
public static class HouseStrokes
{
    /// <summary>How such a rule is written.</summary>
    public static string Code { get; } = Choice.Word(ScaleBy.House);

    /// <summary>Whether a line follows it.</summary>
    public static bool Follows(LineDocument line) => line.Scale?.By == Code;

    /// <summary>The line as it follows it, whatever it followed before; what was said by hand of any size is given
    /// up.</summary>
    public static LineDocument Follow(LineDocument line) =>
        line with
        {
            Scale = new ScaleDocument { By = Code },
            Pins = [],
            Stated = null,
        };

    /// <summary>The line with the house's strokes written out, so that they can be changed: it follows the house no
    /// more.</summary>
    /// <returns>The same line where it does not follow the house.</returns>
    public static LineDocument SpellOut(LineDocument line, BuildDocument build, BarFacts bar)
    {
        if (!Follows(line) || bar.Find(new IngredientId(line.Ingredient ?? "")) is not { } flavour)
        {
            return line;
        }

        return line with
        {
            Amount = line.Scale!.Own == true ? line.Amount : StrokesIn(build.ReferenceSize) ?? line.Amount,
            Scale = new ScaleDocument
            {
                By = Choice.Word(ScaleBy.Ladder),
                Ladder =
                [
                    .. build
                        .Sizes.Where(size => size != build.ReferenceSize && StrokesIn(size) is not null)
                        .Select(size => new PinDocument { Size = size, Amount = StrokesIn(size) }),
                ],
            },
        };

        double? StrokesIn(string? size) => bar.House.Flavours.StrokesOf(flavour, new CupId(size ?? ""));
    }
}
