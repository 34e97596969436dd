using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Making;

/// <summary>What is done in a step, in words.</summary>
internal static class StepWords
{
    /// <summary>How a line goes in, and what the lead wants done with it besides.</summary>
    /// <param name="line">The line.</param>
    /// <param name="serve">How the drink is served, which says into what it goes.</param>
    /// <param name="isReady">Whether its milk is steamed already when its turn comes.</param>
    public static string How(WorkedLine line, Serve serve, bool isReady) =>
        line.Line.Note is { } note
            ? $"{HowItGoesIn(line, serve, isReady)} {Sentence(note)}"
            : HowItGoesIn(line, serve, isReady);

    private static string HowItGoesIn(WorkedLine line, Serve serve, bool isReady) =>
        line.Line.Technique switch
        {
            Technique.Pour
            or Technique.Stir
            or Technique.Shake
            or Technique.Blend when line.IsInside && serve is Serve.Shaken or Serve.Blended => line.Ingredient.Kind
            == IngredientKind.Espresso
                ? $"Let it run into the {VesselOf(serve)}."
                : $"Into the {VesselOf(serve)}.",
            Technique.Cool when serve is Serve.Shaken or Serve.Blended =>
                $"{Cooling(line)}, then into the {VesselOf(serve)}.",

            Technique.Steam when isReady => "Pour the steamed milk in.",
            Technique.Steam => "Steam it, then pour it in.",
            Technique.Cool => $"{Cooling(line)}, then pour it in.",
            Technique.Pour when line.Ingredient.Kind == IngredientKind.Espresso => "Let it run into the cup.",
            Technique.Stir when line.Ingredient.Kind == IngredientKind.Espresso =>
                "Let it run into the cup, and stir until nothing is left on the bottom.",
            Technique.Stir => "Pour it in, and stir until nothing is left on the bottom.",
            Technique.Pour when line.IsIce => "Put it in.",
            _ => $"{Capital(line.Facts.Technique.Card)}.",
        };

    /// <summary>For how long what goes in is stirred, s: enough to lift a sauce off the bottom (common practice, no
    /// source).</summary>
    public const double StirSeconds = 10;

    /// <summary>For how long a drink is shaken, s (10 to 12; common practice, no source).</summary>
    public const int ShakeSeconds = 12;

    /// <summary>For how long a drink is blended, s (common practice, no source).</summary>
    public const int BlendSeconds = 25;

    /// <summary>How long a line is worked on once it is in, s; null where that is not said.</summary>
    public static double? SecondsOf(WorkedLine line) =>
        line.Line.Technique switch
        {
            Technique.Stir => StirSeconds,
            Technique.Cool when line.Line.Cooling == CoolingWay.OverIce => CoolingWays.OverIceSeconds,
            _ => null,
        };

    /// <summary>How a foam is made, to be said beside what else is done.</summary>
    public static string Foam(string milk, string amount, StepFoam foam) =>
        foam.IsCold
            ? $"foam {amount} of {milk} cold to {Named(foam)}"
            : $"steam {amount} of {milk}{(foam.Pitcher is null ? "" : $" in the {foam.Pitcher}")} to {Named(foam)}, {Say.Degrees(foam.To)}";

    /// <summary>A foam level with its third.</summary>
    public static string Named(StepFoam foam) =>
        foam.Thirds switch
        {
            1 => $"{foam.Level} (one third)",
            2 => $"{foam.Level} (two thirds)",
            3 => $"{foam.Level} (three thirds)",
            _ => foam.Level,
        };

    /// <summary>What is to be seen once a line is in: of a shot and of foam what they look like, and where the drink
    /// stands.</summary>
    /// <param name="line">The line.</param>
    /// <param name="level">To where the drink stands then; null where that is not to be seen.</param>
    /// <param name="cup">The cup.</param>
    /// <remarks>How a shot and foam should look: common practice, no source.</remarks>
    public static string? See(WorkedLine line, StepLevel? level, Cup cup)
    {
        var looks =
            line.Facts.Recipe is not null ? "An even stream that turns from dark to blond."
            : line.Foam is { IsCold: false } ? "Milk that shines, without bubbles."
            : line.Foam is not null ? "Foam that holds its shape."
            : null;
        if (level is null || level.Mark is not null)
        {
            return looks;
        }

        var stands = $"It stands {Where(level.Height, cup)}.";
        return looks is null ? stands : $"{looks} {stands}";
    }

    // By the nearest line printed on the cup, else in millimetres.
    private static string Where(Millimetres height, Cup cup)
    {
        if (cup.PrintedLines.MinBy(line => Math.Abs((line.Height - height).Value)) is not { } nearest)
        {
            return $"{Say.Whole(height.Value)} mm high";
        }

        var off = Math.Round((height - nearest.Height).Value);
        return off == 0
            ? $"at the {nearest.Label} line"
            : $"{Say.Whole(Math.Abs(off))} mm {(off > 0 ? "above" : "below")} the {nearest.Label} line";
    }

    /// <summary>What is done once everything is together that is shaken or blended; null for what is built in the
    /// cup.</summary>
    public static (string Title, string How)? Finish(Serve serve) =>
        serve switch
        {
            Serve.Shaken => (
                "Shake",
                $"Shake it all hard for {ShakeSeconds} seconds, until the shaker is too cold to hold, and pour everything into the cup."
            ),
            Serve.Blended => (
                "Blend",
                $"Lid on. Blend it all for about {BlendSeconds} seconds, until no ice is heard, and pour everything into the cup."
            ),
            _ => null,
        };

    private static string VesselOf(Serve serve) => serve == Serve.Shaken ? "shaker" : "blender jar";

    private static string Sentence(string words) =>
        words.TrimEnd() is var trimmed && trimmed[^1] is '.' or '!' or '?'
            ? Capital(words.TrimEnd())
            : $"{Capital(words.TrimEnd())}.";

    private static string Cooling(WorkedLine line)
    {
        var to = Say.Degrees(Celsius.From(line.Temperature));
        return line.Line.Cooling switch
        {
            CoolingWay.OverIce => $"Stir it over ice to {to}",
            CoolingWay.ChilledJug => $"Cool it in a chilled jug to {to}",
            CoolingWay.Fridge => $"Cool it in the fridge to {to}",
            _ => $"Let it cool to {to}",
        };
    }

    private static string Capital(string words) => $"{char.ToUpperInvariant(words[0])}{words[1..]}";
}
