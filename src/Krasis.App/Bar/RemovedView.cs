namespace Krasis.App.Bar;

/// <summary>A fact that was removed and can be brought back.</summary>
/// <param name="Kind">Its kind, as in addresses.</param>
/// <param name="What">What one of that kind is called.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it was called.</param>
/// <param name="At">When it was removed.</param>
public sealed record RemovedView(string Kind, string What, string Id, string Name, DateTimeOffset At);
