namespace Krasis.Core.Judging;

/// <summary>Counts the changes of the sums. Each published standard keeps the version that worked it out.</summary>
/// <remarks>
/// Raise it by one when a change makes any number or allergen of a sheet come out differently: a formula, a constant, a
/// rounding, a rule. Words may change without it. A test holds a fingerprint of the demo's numbers and says when it is due.
/// <list type="bullet">
/// <item>1: the sums of the program that first kept sheets.</item>
/// <item>2: a label whose lists are empty is unread until somebody says that it names none; a trace of one species is
/// told beside another that is in the drink; a part tells what it contains though one of its labels is unread.</item>
/// <item>3: 100 ml are of the drink without what stands on it and without ice; one pull serves two lines of a drink;
/// what is steeped leaves its share of the caffeine in the grounds; a cap of 0 mm is no foam.</item>
/// <item>4: a blender's blades warm what they blend; a lid keeps the room off a cold drink; coffee powder dissolved in a
/// part makes coffee of it; an espresso's yield by volume weighs what that espresso weighs.</item>
/// </list>
/// </remarks>
public static class SumsVersion
{
    /// <summary>The version of the sums of this program.</summary>
    public const int Current = 4;
}
