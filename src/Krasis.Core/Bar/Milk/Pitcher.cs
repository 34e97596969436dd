using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Milk;

/// <summary>A milk pitcher.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="ToSpout">What it holds to just under the spout, cold and before foaming.</param>
/// <param name="Least">The least that can be steamed in it.</param>
public sealed record Pitcher(string Id, string Name, Millilitres ToSpout, Millilitres Least);
