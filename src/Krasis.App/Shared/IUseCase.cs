namespace Krasis.App.Shared;

/// <summary>Marks a class as one thing that people do. The program finds all such classes and hands each what its
/// constructor asks for.</summary>
public interface IUseCase;
