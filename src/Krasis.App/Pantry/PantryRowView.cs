using Krasis.Exchange.Pantry;

namespace Krasis.App.Pantry;

/// <summary>One row of a pantry file.</summary>
/// <param name="Line">Where it begins, from 1.</param>
/// <param name="Name">What the ingredient is called.</param>
/// <param name="State">What would become of it.</param>
/// <param name="Problems">What is wrong with it.</param>
public sealed record PantryRowView(int Line, string Name, PantryRowState State, IReadOnlyList<PantryProblem> Problems);
