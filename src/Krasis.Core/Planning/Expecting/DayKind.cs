namespace Krasis.Core.Planning.Expecting;

/// <summary>A sort of day on which more or less is sold than on an ordinary one of the same weekday.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the house calls it, such as hot day.</param>
/// <param name="Factor">How many times as much is sold, above 0.</param>
public sealed record DayKind(string Id, string Name, double Factor);
