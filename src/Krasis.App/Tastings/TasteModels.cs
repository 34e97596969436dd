using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>What a taster is asked.</summary>
/// <param name="State">draft before it has begun, open, or closed.</param>
/// <param name="Question">What is asked; null before it has begun.</param>
/// <param name="Scales">On which scales.</param>
public sealed record TasteView(string State, TastingQuestion? Question, IReadOnlyList<JarScale> Scales);

/// <summary>A seat.</summary>
/// <param name="Seat">Its number.</param>
/// <param name="HasAnswered">Whether it has answered already.</param>
/// <param name="Cups">What stands before the taster, in the order in which it is tasted.</param>
public sealed record SeatView(int Seat, bool HasAnswered, IReadOnlyList<CupView> Cups);

/// <summary>A small cup.</summary>
/// <param name="Code">What stands on it.</param>
/// <param name="IsReference">Whether it is the one to compare with.</param>
public sealed record CupView(string Code, bool IsReference);

/// <summary>That an answer was kept.</summary>
/// <param name="IsCounted">Whether it counts: the tasting was still open.</param>
public sealed record AnsweredView(bool IsCounted);
