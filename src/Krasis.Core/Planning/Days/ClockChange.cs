namespace Krasis.Core.Planning.Days;

/// <summary>A change of the clocks within a day.</summary>
/// <param name="At">What the clock shows just before it, minutes from midnight.</param>
/// <param name="By">How far it is put forward, min; negative when it is put back.</param>
public sealed record ClockChange(int At, int By);
