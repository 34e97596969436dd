namespace Krasis.App.Shared;

/// <summary>It was done, and there is nothing to show for it.</summary>
public readonly record struct Done;
