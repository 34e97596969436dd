namespace Krasis.Core.Changing.Bringing;

/// <summary>What a fact of another house is to be here.</summary>
/// <param name="Kind">The sort of fact, such as <c>cups</c>.</param>
/// <param name="Id">Its id there.</param>
/// <param name="Own">The id of what stands for it here; null where it comes along, or of a dispenser where there is
/// none here.</param>
/// <param name="Comes">Whether it comes along as it is; a cup, an ingredient or a foam level does where nothing stands
/// for it.</param>
public sealed record FactChoice(string Kind, string Id, string? Own, bool Comes);
