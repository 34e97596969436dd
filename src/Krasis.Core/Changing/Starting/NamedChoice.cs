namespace Krasis.Core.Changing.Starting;

/// <summary>Something of the bar's that can be chosen.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
public sealed record NamedChoice(string Id, string Name);
