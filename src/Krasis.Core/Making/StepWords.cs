using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Making;

/// <summary>What is done in a step, in words.</summary>
internal static class StepWords
{
    /// <summary>The step after steaming: milk that dries on the wand burns on.</summary>
    public static MakingStep Wand { get; } = new(0, "Wipe and purge the wand", "", "", "With its own cloth, at once.");

    /// <summary>How a line goes in, and what the lead wants done with it besides.</summary>
    /// <param name="line">The line.</param>
    /// <param name="vessel">What it goes into.</param>
    /// <param name="isReady">Whether its milk is steamed already when its turn comes.</param>
    /// <param name="swirls">Whether flavour lies below it that has to be swirled in.</param>
    public static string How(WorkedLine line, Vessel vessel, bool isReady, bool swirls)
    {
        var how = HowItGoesIn(line, vessel, isReady, swirls);
        return line.Line.Note is { } note ? $"{how} {Sentence(note)}".TrimStart() : how;
    }

    /// <summary>The heading over what goes into a vessel before the cup; null for the cup.</summary>
    public static string? Into(Vessel vessel) =>
        vessel switch
        {
            Vessel.Shaker => "Into the shaker",
            Vessel.BlenderJar => "Into the blender jar",
            _ => null,
        };

    private static string HowItGoesIn(WorkedLine line, Vessel vessel, bool isReady, bool swirls) =>
        line.Line.Technique switch
        {
            Technique.Pour or Technique.Stir or Technique.Shake or Technique.Blend when Into(vessel) is { } into =>
                line.Ingredient.Kind == IngredientKind.Espresso ? $"Let it run {Lower(into)}." : $"{into}.",
            Technique.Cool when Into(vessel) is { } into => $"{Cooling(line)}, then {Lower(into)}.",
            Technique.Steam when isReady => "Tap and swirl it, then pour it in.",
            Technique.Steam => "Steam it, tap and swirl it, then pour it in.",
            Technique.Cool => $"{Cooling(line)}, then pour it in.",
            Technique.Pour when line.Ingredient.Kind == IngredientKind.Espresso => swirls
                ? "Let it run into the cup, and swirl until nothing is left on the bottom."
                : "Let it run into the cup.",
            Technique.Stir when line.Ingredient.Kind == IngredientKind.Espresso =>
                "Let it run into the cup, and stir until nothing is left on the bottom.",
            Technique.Stir => "Pour it in, and stir until nothing is left on the bottom.",
            Technique.Pour when line.Ingredient.IsFrozen => "Put it in.",
            Technique.Whisk when Into(vessel) is { } into =>
                $"Whisk it smooth in a splash of hot water, then {Lower(into)}.",
            _ => $"{Capital(line.Facts.Technique.Card)}.",
        };

    /// <summary>For how long what goes in is stirred, s: enough to lift a sauce off the bottom (4 to 5; common practice,
    /// no source).</summary>
    public const double StirSeconds = 5;

    /// <summary>For how long a drink is shaken, s (10 to 12; common practice, no source).</summary>
    public const int ShakeSeconds = 12;

    /// <summary>For how long a drink is blended, s (common practice, no source).</summary>
    public const int BlendSeconds = 25;

    /// <summary>How long a line is worked on once it is in, s; null where that is not said.</summary>
    public static double? SecondsOf(WorkedLine line) =>
        line.Line.Technique switch
        {
            Technique.Stir => StirSeconds,
            Technique.Cool => CoolingWays.SecondsOf(line.Line.Cooling),
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
        if (level is null || level.Mark is not null || !cup.ShowsItsInside)
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

    /// <summary>What is done with what is in the shaker or the blender jar.</summary>
    public static (string Title, string How) Finish(Serve serve) =>
        serve == Serve.Blended
            ? (
                "Blend",
                $"Lid on. Blend it all for about {BlendSeconds} seconds, until no ice is heard, and pour everything into the cup."
            )
            : (
                "Shake",
                $"Shake it all hard for {ShakeSeconds} seconds, until the shaker is too cold to hold, and pour everything into the cup."
            );

    private static string Sentence(string words) =>
        words.TrimEnd() is var trimmed && trimmed[^1] is '.' or '!' or '?'
            ? Capital(words.TrimEnd())
            : $"{Capital(words.TrimEnd())}.";

    // Nobody holds a probe into a shot: it is said how long and on how much ice, unless the lead wrote the degrees.
    private static string Cooling(WorkedLine line)
    {
        var to = line.Line.CooledTo is { } degrees ? $", to {Say.Degrees(degrees)}" : "";
        var seconds = Say.Whole(CoolingWays.SecondsOf(line.Line.Cooling) ?? 0);
        return line.Line.Cooling switch
        {
            CoolingWay.OverIce =>
                $"Stir it over {Say.Whole(CoolingWays.IceFor(line.Mass * line.Facts.MeltPerGram))} g of ice for {seconds} seconds{to}, take the cubes out",
            CoolingWay.ChilledJug => $"Swirl it in a steel jug from the freezer for {seconds} seconds{to}",
            CoolingWay.Fridge => $"Cool it in the fridge to {Say.Degrees(Celsius.From(line.Temperature))}",
            _ => $"Let it cool to {Say.Degrees(Celsius.From(line.Temperature))}",
        };
    }

    private static string Lower(string words) => $"{char.ToLowerInvariant(words[0])}{words[1..]}";

    private static string Capital(string words) => $"{char.ToUpperInvariant(words[0])}{words[1..]}";
}
