namespace Krasis.Tasting.Choosing;

/// <summary>A way of asking tasters for one choice, and how often somebody who tastes nothing is right by
/// chance.</summary>
/// <param name="Code">The name it is kept under.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Chance">The share of right answers, or of choices of the one sample, of tasters who only guess.</param>
/// <param name="IsTwoSided">Whether either outcome counts: which of two is liked better is not known before.</param>
/// <param name="Source">The standard that describes it.</param>
public sealed record ChoiceMethod(string Code, string Name, double Chance, bool IsTwoSided, string Source)
{
    /// <summary>Three glasses, two alike: which is the odd one?</summary>
    public static readonly ChoiceMethod Triangle = new("triangle", "Triangle", 1.0 / 3, false, "ISO 4120");

    /// <summary>A known glass and two others: which of the two is like it?</summary>
    public static readonly ChoiceMethod DuoTrio = new("duo-trio", "Duo-trio", 0.5, false, "ISO 10399");

    /// <summary>Two glasses: which do you like better?</summary>
    public static readonly ChoiceMethod Preference = new("preference", "Which of two", 0.5, true, "ISO 5495");

    /// <summary>All of them.</summary>
    public static readonly IReadOnlyList<ChoiceMethod> All = [Triangle, DuoTrio, Preference];
}
