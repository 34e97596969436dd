namespace Krasis.Core.Builds;

/// <summary>How claims read.</summary>
public static class Claims
{
    /// <summary>How a claim reads on the board.</summary>
    public static string Words(Claim claim) => claim == Claim.NoAddedSugar ? "no added sugar" : "made without milk";
}
