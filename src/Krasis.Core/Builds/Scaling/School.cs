namespace Krasis.Core.Builds.Scaling;

/// <summary>A way of scaling that a group of practitioners follows. Only the members of <see cref="All"/>
/// exist.</summary>
public sealed class School
{
    private School(string code, string name, string says, IScaling scaling)
    {
        Code = code;
        Name = name;
        Says = says;
        Scaling = scaling;
    }

    /// <summary>Everything grows with the cup.</summary>
    public static School WithTheCup { get; } =
        new(
            "with-the-cup",
            "With the cup",
            "Everything grows with the cup, rounded to what the bar can pour.",
            new Presets(ScaleBy.Cup, ScaleBy.Cup)
        );

    /// <summary>Coffee and milk grow together.</summary>
    public static School HoldTheRatio { get; } =
        new(
            "hold-the-ratio",
            "Hold the ratio",
            "Coffee grows with the cup in whole shots, and milk with the coffee.",
            new Presets(ScaleBy.Cup, ScaleBy.Coffee)
        );

    /// <summary>Whole shots by size.</summary>
    public static School StepTheShots { get; } =
        new(
            "step-the-shots",
            "Step the shots",
            "One shot more for each size up, one fewer for each size down; the rest grows with the cup.",
            new Presets(ScaleBy.Ladder, ScaleBy.Cup)
        );

    /// <summary>One espresso for all.</summary>
    public static School SameShot { get; } =
        new(
            "same-shot",
            "Same shot",
            "Every size gets the reference's espresso; the rest grows with the cup.",
            new Presets(ScaleBy.Fixed, ScaleBy.Cup)
        );

    /// <summary>The same number of pulls, larger or smaller.</summary>
    public static School StretchTheShot { get; } =
        new(
            "stretch-the-shot",
            "Stretch the shot",
            "As many shots in every size; their dose and yield grow with the cup as far as the basket takes it.",
            new Presets(ScaleBy.Fixed, ScaleBy.Cup, stretches: true)
        );

    /// <summary>Every school, the one that is meant when none is named first.</summary>
    public static IReadOnlyList<School> All { get; } =
    [WithTheCup, HoldTheRatio, StepTheShots, SameShot, StretchTheShot];

    /// <summary>Its name in documents.</summary>
    public string Code { get; }

    /// <summary>What it is called on screen.</summary>
    public string Name { get; }

    /// <summary>What it does, in a sentence.</summary>
    public string Says { get; }

    /// <summary>How it scales.</summary>
    public IScaling Scaling { get; }

    /// <summary>The school of a code, or null if there is none.</summary>
    public static School? Find(string? code) => All.FirstOrDefault(school => school.Code == code);
}
