namespace Krasis.App.Pantry;

/// <summary>What became of a pantry file.</summary>
/// <param name="Added">How many ingredients were added.</param>
/// <param name="Changed">How many were changed.</param>
/// <param name="Same">How many were there already.</param>
/// <param name="LeftOut">How many bad rows were left out.</param>
public sealed record PantryImported(int Added, int Changed, int Same, int LeftOut);
